/** Who signs in, and the sessions that tell who it is. */
package app.impendium.server.account;
