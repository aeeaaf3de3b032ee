/** The practice's log: who read, changed and exported what, and who signed in. */
package app.impendium.server.audit;
