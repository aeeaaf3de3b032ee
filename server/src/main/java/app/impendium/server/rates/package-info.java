/** A practice's rate tables. */
package app.impendium.server.rates;
