/** Who has a case open, and that it was saved: told to those who look at it, as it happens. */
package app.impendium.server.presence;
