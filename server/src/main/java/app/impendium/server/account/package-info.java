/** Practices, their advisors, and signing in. */
package app.impendium.server.account;
