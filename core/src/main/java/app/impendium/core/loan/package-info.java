/** Loan terms, the level payment and the schedule, exact to the cent. */
package app.impendium.core.loan;
