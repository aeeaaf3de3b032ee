/** A practice: its name, its market, where it works, and the setting up of one. */
package app.impendium.server.practice;
