/** Mail to people of a practice, for which a simulated mail box stands in. */
package app.impendium.server.mail;
