/** What the product calls things on paper as on its screens, and how a case's market writes figures and days. */
package app.impendium.server.words;
