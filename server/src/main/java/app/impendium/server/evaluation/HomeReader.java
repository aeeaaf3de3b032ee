package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.server.document.HomeDocument;
import app.impendium.server.document.Market;
import java.math.BigDecimal;

/** Reads what is said of a home. */
public final class HomeReader {
    private static final int MOST_AREA_CHARACTERS = 12;
    private static final int MOST_ROOMS = 20;
    private static final String BATHS = "home.baths";

    private HomeReader() {}

    /** Checks what a case says of its home. */
    static void check(HomeDocument given, Findings findings) {
        if (given == null) {
            return;
        }
        if (given.area() != null) {
            Needed.text("home.area", given.area(), 1, MOST_AREA_CHARACTERS, findings);
        }
        if (given.bedrooms() != null) {
            findings.inRange("home.bedrooms", given.bedrooms(), 0, MOST_ROOMS);
        }
        if (given.baths() != null) {
            checkBaths(given.baths(), findings);
        }
    }

    /**
     * Checks a home that can be asked about outside: all of it is known.
     *
     * @param valueCents null where it is not known
     * @throws CaseException if something is missing or has no meaning, with every finding
     */
    public static void checkWhole(Market market, HomeDocument home, Long valueCents) {
        Findings findings = new Findings();
        Needed.isThere("market", market, findings);
        if (Needed.isThere("home", home, findings)) {
            Needed.isThere("home.area", home.area(), findings);
            Needed.isThere("home.dwelling", home.dwelling(), findings);
            Needed.isThere("home.bedrooms", home.bedrooms(), findings);
            Needed.isThere(BATHS, home.baths(), findings);
            check(home, findings);
        }
        if (valueCents != null) {
            findings.field(
                    "valueCents",
                    () -> Money.ofCents(valueCents).within(Money.ofCents(1), Money.LARGEST, Entry.AMOUNT));
        }
        findings.throwIfAny();
    }

    private static void checkBaths(BigDecimal baths, Findings findings) {
        boolean isOfHalves =
                baths.multiply(BigDecimal.valueOf(2)).stripTrailingZeros().scale() <= 0;
        if (baths.signum() < 0 || baths.compareTo(BigDecimal.valueOf(MOST_ROOMS)) > 0 || !isOfHalves) {
            findings.add(Finding.of(
                    BATHS,
                    Code.OUT_OF_RANGE,
                    new Value.Text(Shortened.echo(baths.toString())),
                    new Value.Count(0),
                    new Value.Text(MOST_ROOMS + " in halves")));
        }
    }
}
