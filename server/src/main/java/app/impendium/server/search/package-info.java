/** Finding by words, as the database keeps them to be found. */
package app.impendium.server.search;
