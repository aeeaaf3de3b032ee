package app.impendium.server.casefile;

import java.util.List;

/**
 * A part of the practice's cases, the latest saved first.
 *
 * @param total how many there are in all, of those that were searched for
 * @param cases fifty at the most
 */
public record CaseList(long total, List<CaseSummary> cases) {}
