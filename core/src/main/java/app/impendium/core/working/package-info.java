/** How a figure came about, as data: the rule, the numbers put in, the intermediate ones, the rounding. Never as text. */
package app.impendium.core.working;
