/** What is done that a practice's log tells of. */
package app.impendium.server.recorded;
