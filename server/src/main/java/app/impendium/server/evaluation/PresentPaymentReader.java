package app.impendium.server.evaluation;

import app.impendium.core.finding.Findings;
import app.impendium.core.loan.PresentPayment;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.server.document.PresentPaymentDocument;
import java.util.Optional;

/** Reads what a case says of the payment made today. */
final class PresentPaymentReader {
    private PresentPaymentReader() {}

    /** What is paid today, of a case that was found to be right. */
    static Optional<PresentPayment> read(PresentPaymentDocument given) {
        return Optional.ofNullable(given)
                .map(paid -> new PresentPayment(
                        Money.ofCents(paid.cents()), CoreNames.of(PaymentFrequency.class, paid.frequency())));
    }

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
