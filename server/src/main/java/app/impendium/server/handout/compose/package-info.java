/** Tells of a case what a hand-out says: a class for each section, from the figures that the screens are told. */
package app.impendium.server.handout.compose;
