/** Figures of a home as others estimate them. */
package app.impendium.server.estimate;
