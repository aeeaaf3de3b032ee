/** Yearly rates, how often they compound, how often a loan is paid, and the rate per payment that follows. */
package app.impendium.core.rate;
