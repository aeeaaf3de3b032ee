/** Figures from outside: a port for each, with a simulated stand-in that ships with the product. */
package app.impendium.server.outside;
