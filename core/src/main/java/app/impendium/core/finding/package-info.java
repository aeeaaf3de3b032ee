/** What is wrong with a case: each finding names the field, what was given and what is allowed. */
package app.impendium.core.finding;
