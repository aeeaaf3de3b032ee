/** Who works in a practice: inviting them, what they may do, and how they get back in. */
package app.impendium.server.people;
