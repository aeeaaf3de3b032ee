/** A case in formats that others can read: JSON, separated values, a calendar. */
package app.impendium.server.opendata;
