/** Files that wait on the disk for whoever reads them. */
package app.impendium.server.spool;
