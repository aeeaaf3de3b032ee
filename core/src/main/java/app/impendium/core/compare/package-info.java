/** Options and rates beside one another. */
package app.impendium.core.compare;
