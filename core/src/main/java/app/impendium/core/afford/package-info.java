/** What people earn, owe and have at hand, and whether a loan keeps to the limits that a lender sets for them. */
package app.impendium.core.afford;
