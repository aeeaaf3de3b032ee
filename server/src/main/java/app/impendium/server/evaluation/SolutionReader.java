package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.Optional;

/** Reads what is given of a loan alone, each figure when the question needs it. */
final class SolutionReader {
    private static final int MOST_YEARS = 50;

    private final SolutionDocument given;

    SolutionReader(SolutionDocument given) {
        this.given = given;
    }

    /** @throws CaseException if the amount is missing or outside its range; so for each figure below */
    Money loan() {
        return amount("loanCents", given.loanCents());
    }

    Money payment() {
        return amount("paymentCents", given.paymentCents());
    }

    Money balloon() {
        return Needed.money(given.balloonCents()).within(Money.ZERO, Money.LARGEST, "balloonCents");
    }

    int payments() {
        return count("payments", given.payments(), 1);
    }

    int afterPayments() {
        return count("afterPayments", given.afterPayments(), 0);
    }

    PaymentRounding rounding() {
        return CoreNames.of(PaymentRounding.class, needed("rounding", given.rounding()));
    }

    PeriodicRate rate() {
        BigDecimal percent = needed("ratePercent", given.ratePercent());
        Findings findings = new Findings();
        Optional<AnnualRate> annual = findings.field("ratePercent", () -> AnnualRate.ofPercent(percent));
        findings.throwIfAny();
        return conventions().withAnnual(annual.orElseThrow());
    }

    /** The conventions of the rate that is asked for, at no interest. */
    PeriodicRate conventions() {
        return PeriodicRate.of(
                AnnualRate.ofPercent("0"),
                CoreNames.of(Compounding.class, needed("compounding", given.compounding())),
                frequency());
    }

    private PaymentFrequency frequency() {
        return CoreNames.of(PaymentFrequency.class, needed("frequency", given.frequency()));
    }

    private static Money amount(String path, Long cents) {
        return Money.ofCents(needed(path, cents)).within(Money.ofCents(1), Money.LARGEST, path);
    }

    private int count(String path, Integer number, int least) {
        Findings findings = new Findings();
        findings.inRange(
                path,
                needed(path, number),
                least,
                (long) MOST_YEARS * frequency().perYear());
        findings.throwIfAny();
        return number;
    }

    private static <T> T needed(String path, T value) {
        if (value == null) {
            throw CaseException.of(path, Code.MISSING);
        }
        return value;
    }
}
