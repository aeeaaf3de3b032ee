/** What a client can ask for: all that is kept of them, and that it is taken away. */
package app.impendium.server.privacy;
