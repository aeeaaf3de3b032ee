/** Refusals: every one is an RFC 9457 problem document and one line in the log. */
package app.impendium.server.problem;
