/** The made-up practice that shows what the product does. */
package app.impendium.server.demo;
