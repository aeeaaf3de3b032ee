package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.YearlyChange;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.OwnerTerms;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LettingDocument;
import java.math.BigDecimal;
import java.util.Optional;

/** Reads how the home of a case is let. */
final class LettingReader {
    private static final int MOST_ID_CHARACTERS = 60;

    private final LettingDocument given;
    private final Findings findings = new Findings();

    private LettingReader(LettingDocument given) {
        this.given = given;
    }

    /**
     * A home that is let.
     *
     * @param rent the likely one for a month; none where it is not known yet
     */
    record LetHome(
            LettingBasis basis,
            Optional<Money> rent,
            Optional<Money> lowRent,
            Optional<Money> highRent,
            OwnerTerms owner) {}

    /**
     * How a case's home is let.
     *
     * @throws CaseException if it is not let, or what is said of it has no meaning, with every finding
     */
    static LetHome read(CaseDocument document) {
        if (document.letting() == null) {
            throw CaseException.of("letting", Code.MISSING);
        }
        return new LettingReader(document.letting()).home();
    }

    /** Checks what a case says of it, if its home is let. */
    static void check(CaseDocument document, Findings findings) {
        if (document.letting() != null) {
            findings.group("", () -> read(document));
        }
    }

    private LetHome home() {
        Optional<LettingBasis> basis = Needed.value("letting.basis", given.basis(), findings)
                .map(named -> CoreNames.of(LettingBasis.class, named));
        Optional<Money> rent = rent(Field.RENT, given.rentCents());
        Optional<Money> low = rent("letting.lowRentCents", given.lowRentCents());
        Optional<Money> high = rent("letting.highRentCents", given.highRentCents());
        EstimateReader.check("letting.rentEstimate", given.rentEstimate(), findings);
        if (given.programme() != null) {
            Needed.text("letting.programme", given.programme(), 1, MOST_ID_CHARACTERS, findings);
        }
        Percent vacancy = share("letting.vacancyPercent", given.vacancyPercent());
        Percent upkeep = share("letting.upkeepPercent", given.upkeepPercent());
        Percent management = share("letting.managementPercent", given.managementPercent());
        YearlyChange rents = change("letting.rentChangePercent", given.rentChangePercent());
        YearlyChange costs = change("letting.costChangePercent", given.costChangePercent());
        findings.throwIfAny();
        return new LetHome(
                basis.orElseThrow(), rent, low, high, new OwnerTerms(vacancy, upkeep, management, rents, costs));
    }

    private Optional<Money> rent(String path, Long cents) {
        return Optional.ofNullable(cents)
                .flatMap(amount ->
                        findings.field(path, () -> Money.ofCents(amount).within(Money.ZERO, Money.LARGEST, path)));
    }

    private Percent share(String path, BigDecimal percent) {
        return percent == null
                ? Percent.ZERO
                : findings.field(path, () -> new Percent(percent)).orElse(Percent.ZERO);
    }

    private YearlyChange change(String path, BigDecimal percent) {
        return percent == null
                ? YearlyChange.NONE
                : findings.field(path, () -> new YearlyChange(percent)).orElse(YearlyChange.NONE);
    }
}
