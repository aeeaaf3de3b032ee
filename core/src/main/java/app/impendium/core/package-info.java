/**
 * The front door of the computation: a {@link app.impendium.core.CaseFile} goes in, its
 * {@link app.impendium.core.CaseEvaluation} comes out. Nothing here reads a clock, a file or the network, so the same
 * case gives the same figures on any machine. No parameter or result is null unless it says so.
 */
package app.impendium.core;
