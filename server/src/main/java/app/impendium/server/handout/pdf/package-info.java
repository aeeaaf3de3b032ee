/** Sets a hand-out on paper: tagged, archivable, in the product's own faces, with charts as vectors. */
package app.impendium.server.handout.pdf;
