/** What a client wants to stay within, and which price, down payment, rate, term or extra payment meets it. */
package app.impendium.core.target;
