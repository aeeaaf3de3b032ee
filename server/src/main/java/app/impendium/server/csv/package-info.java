/** Reads lines of separated values, with everything that is wrong told by its line. */
package app.impendium.server.csv;
