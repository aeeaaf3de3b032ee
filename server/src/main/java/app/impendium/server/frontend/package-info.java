/** The front end's files and the addresses that lead to it. */
package app.impendium.server.frontend;
