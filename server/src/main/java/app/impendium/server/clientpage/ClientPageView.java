package app.impendium.server.clientpage;

import app.impendium.server.document.Convention.Frequency;
import app.impendium.server.document.CurrencyCode;
import app.impendium.server.document.Market;
import app.impendium.server.handout.content.HandoutContent;
import java.time.LocalDate;

/**
 * A client's page.
 *
 * @param content what it says, with the client's changes
 * @param advised what the practice advised of what the client may change
 * @param frequency how often the loan is paid
 * @param endsOn the last day on which it can be opened
 */
record ClientPageView(
        HandoutContent content,
        ClientChanges advised,
        Frequency frequency,
        CurrencyCode currency,
        Market market,
        LocalDate endsOn) {}
