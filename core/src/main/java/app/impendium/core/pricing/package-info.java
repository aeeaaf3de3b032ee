/** What lenders ask for a rate: rate tables with points and add-ons. */
package app.impendium.core.pricing;
