/** How a figure is calculated, as data: the rule, the inputs, the steps between, the rounding. Never as text. */
package app.impendium.core.working;
