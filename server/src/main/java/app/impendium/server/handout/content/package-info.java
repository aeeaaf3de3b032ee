/** What a hand-out says, ready to be set on paper or shown on a page: words, tables and charts, with every figure written out. */
package app.impendium.server.handout.content;
