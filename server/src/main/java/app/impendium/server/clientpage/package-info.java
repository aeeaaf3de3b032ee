/** Pages of a case that its clients open by a link, without signing in, and the notes that they send back. */
package app.impendium.server.clientpage;
