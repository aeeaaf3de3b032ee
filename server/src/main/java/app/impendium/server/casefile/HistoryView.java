package app.impendium.server.casefile;

import app.impendium.server.document.CaseDocument;
import java.util.List;
import java.util.Optional;

/**
 * Some of a case's saved states, the latest first.
 *
 * @param total how many states there are in all
 * @param before what the case said before the last of these; none where it began with it
 */
record HistoryView(long total, List<StateView> states, Optional<CaseDocument> before) {}
