/** What owning the home costs around the loan: price and money down, tax, insurance, dues. */
package app.impendium.core.cost;
