/** What people earn and owe, brought in from lists and from a credit report. */
package app.impendium.server.household;
