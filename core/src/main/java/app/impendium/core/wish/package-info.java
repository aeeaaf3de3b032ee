/** What the clients wish for, and which price, money down, rate, term or extra payment brings it about. */
package app.impendium.core.wish;
