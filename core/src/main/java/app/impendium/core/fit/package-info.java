/** What would make a loan fit within a lender's limits: each lever alone, and pairs of them. */
package app.impendium.core.fit;
