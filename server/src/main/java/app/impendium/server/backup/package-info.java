/** The backup of each day, and what came of the last. */
package app.impendium.server.backup;
