/** What lenders ask of an application, as a practice keeps it: limit sets and letting programmes, with every state they had. */
package app.impendium.server.lending;
