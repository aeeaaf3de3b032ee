/** Amounts in whole cents and percentages of them. */
package app.impendium.core.money;
