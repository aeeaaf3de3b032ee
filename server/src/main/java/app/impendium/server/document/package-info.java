/**
 * The case document, the product's open format: how a case is sent, stored and handed on. It is written in the latest
 * version; a document of an earlier one is upgraded as a JSON tree before it is bound. Its names and enums are its own, and
 * stay when the computation renames things.
 */
package app.impendium.server.document;
