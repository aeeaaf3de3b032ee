/** What is wrong with a case: the field, what was given, what is allowed. */
package app.impendium.core.finding;
