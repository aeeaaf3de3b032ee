package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.YearlyChange;
import app.impendium.core.rental.LetLoan;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.OwnerTerms;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LettingDocument;
import java.math.BigDecimal;
import java.util.Optional;

/** Reads how the home of a case is let. */
final class LettingReader {
    private static final int MOST_ID_CHARACTERS = 60;
    private static final String LOW_RENT = "letting.lowRentCents";
    private static final String HIGH_RENT = "letting.highRentCents";

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
            OwnerTerms owner) {

        /** Adds a finding for each rent that is above an option's price; whether there is none. */
        boolean checkAgainst(LoanOption option, Findings findings) {
            return isRent(Field.RENT, rent, option, findings)
                    & isRent(LOW_RENT, lowRent, option, findings)
                    & isRent(HIGH_RENT, highRent, option, findings);
        }

        private static boolean isRent(String path, Optional<Money> rent, LoanOption option, Findings findings) {
            return rent.isEmpty()
                    || findings.field(path, () -> LetLoan.checkedRent(rent.get(), option))
                            .isPresent();
        }
    }

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

    private LetHome home() {
        Optional<LettingBasis> basis = Needed.value("letting.basis", given.basis(), findings)
                .map(named -> CoreNames.of(LettingBasis.class, named));
        Optional<Money> rent = rent(Field.RENT, given.rentCents());
        Optional<Money> low = rent(LOW_RENT, given.lowRentCents());
        Optional<Money> high = rent(HIGH_RENT, given.highRentCents());
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
