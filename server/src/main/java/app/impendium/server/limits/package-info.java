/** A practice's limit sets. */
package app.impendium.server.limits;
