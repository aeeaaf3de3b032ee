package app.impendium.server.outside;

import app.impendium.server.document.Market;
import app.impendium.server.document.RateTableDocument;
import java.time.LocalDate;

/** Whoever tells a practice the rates of a day. */
public interface RateDesk {

    /** The rates of a day for loans of a term, in a market; the same for the same question. */
    RateTableDocument rates(Market market, int termMonths, LocalDate day);
}
