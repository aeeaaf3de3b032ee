/** Clients' cases: listing, reading and saving them, each saved state kept. */
package app.impendium.server.casefile;
