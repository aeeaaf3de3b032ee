/** Homes that are let: whether the rent carries the loan, what a letting programme lends on it, and the owner's own figures. */
package app.impendium.core.rental;
