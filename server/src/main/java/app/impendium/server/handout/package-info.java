/** What the client takes home: a case as a document, kept as it was issued. */
package app.impendium.server.handout;
