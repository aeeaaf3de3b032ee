/** Lists of loans brought in from separated values, each line a case. */
package app.impendium.server.loanlist;
