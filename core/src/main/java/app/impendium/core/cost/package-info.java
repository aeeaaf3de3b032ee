/** What owning the home costs around the loan: price and down payment, tax, insurance, dues. */
package app.impendium.core.cost;
