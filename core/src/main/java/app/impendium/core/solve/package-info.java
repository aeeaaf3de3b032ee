/** Search by halving over whole numbers: the exact boundary between what fits and what does not. */
package app.impendium.core.solve;
