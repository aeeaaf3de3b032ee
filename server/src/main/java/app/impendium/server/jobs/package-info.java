/** Work that goes on beside requests, once over all instances of one database. */
package app.impendium.server.jobs;
