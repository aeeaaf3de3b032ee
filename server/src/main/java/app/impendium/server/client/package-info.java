/** Whom a practice works for: a person or a household, how to reach them, and which cases are theirs. */
package app.impendium.server.client;
