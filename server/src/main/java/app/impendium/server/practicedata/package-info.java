/** All that a practice keeps for its cases, in one way: states, revisions, who saved what, and a bin for thirty days. */
package app.impendium.server.practicedata;
