/** The case document, its way into the computation and the figures' way out: the only place that maps core to JSON. */
package app.impendium.server.evaluation;
