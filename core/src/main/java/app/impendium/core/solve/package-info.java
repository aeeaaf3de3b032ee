/** Searching whole numbers for the exact boundary between what fits and what does not. */
package app.impendium.core.solve;
