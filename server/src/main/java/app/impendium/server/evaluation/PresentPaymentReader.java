package app.impendium.server.evaluation;

import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.server.document.PresentPaymentDocument;

/** Checks what a case says of the payment made today. */
final class PresentPaymentReader {
    private PresentPaymentReader() {}

    static void check(PresentPaymentDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        Needed.isThere("presentPayment.frequency", given.frequency(), findings);
        if (Needed.isThere("presentPayment.cents", given.cents(), findings)) {
            findings.field(
                    "presentPayment.cents",
                    () -> Money.ofCents(given.cents()).within(Money.ofCents(1), Money.LARGEST, ""));
        }
    }
}
