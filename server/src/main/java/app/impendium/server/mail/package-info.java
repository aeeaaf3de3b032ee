/** Mail to people of a practice, by a mail server where there is one; in the demo a simulated mail box stands in. */
package app.impendium.server.mail;
