/** What the outside needs of the computation, one package a feature; none reaches into another's persistence. */
package app.impendium.server;
