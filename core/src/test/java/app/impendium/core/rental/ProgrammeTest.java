package app.impendium.core.rental;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.fit.FitLever;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProgrammeTest {
    private static final Cover OUTGOINGS = new Cover.OfOutgoings();
    private static final Money RENT = Money.of("2000.00");

    private final LoanOption home = LetHomes.home(
            Money.of("318400.00"), Money.of("238800.00"), "6.5", 0, LetHomes.housing("3290.00", "1344.00", "0.00"));

    @Test
    void refusesBandsThatOverlapOrAreNeverUsed() {
        assertThat(refused(List.of(), List.of(LetHomes.terms(LettingBasis.LONG, "100", "80"))))
                .containsExactly("bands " + Code.NO_ENTRIES);
        assertThat(refused(
                        List.of(LetHomes.band("1.2", "80", "0"), LetHomes.band("1.20", "75", "0.5")),
                        List.of(LetHomes.terms(LettingBasis.LONG, "100", "80"))))
                .containsExactly("bands[1].leastCover " + Code.BAND_TWICE);
        assertThat(refused(
                        List.of(LetHomes.band("1.2", "70", "0.25"), LetHomes.band("1", "75", "0.25")),
                        List.of(LetHomes.terms(LettingBasis.LONG, "100", "80"))))
                .containsExactly("bands[0].leastCover " + Code.BAND_NEVER_USED);
        assertThat(refused(
                        List.of(LetHomes.band("1.2", "80", "0")),
                        List.of(
                                LetHomes.terms(LettingBasis.LONG, "100", "80"),
                                LetHomes.terms(LettingBasis.LONG, "80", "75"))))
                .containsExactly("bases[1].basis " + Code.BASIS_TWICE);
    }

    @Test
    void tellsWhatKeepsALoanFromBeingLarger() {
        Programme programme = LetHomes.programme(OUTGOINGS);
        assertThat(most(programme, "2310.00", LettingBasis.LONG, 700).binding()).isEqualTo(Lending.Binding.COVER);
        assertThat(most(programme, "3900.00", LettingBasis.LONG, 700).binding()).isEqualTo(Lending.Binding.BASIS);
        assertThat(most(programme, "1700.00", LettingBasis.LONG, 700).binding()).isEqualTo(Lending.Binding.BAND);
        assertThat(most(programme, "3900.00", LettingBasis.SHORT, 680).loan()).isEqualTo(Money.of("238800.00"));
    }

    @Test
    void lendsNothingOnAnUnknownBasisOrALowScore() {
        Programme programme = LetHomes.programme(OUTGOINGS);
        assertThat(lending(programme, RENT, LettingBasis.BY_ROOM, Optional.of(700)))
                .isEqualTo(new Lending.Nothing(Lending.Reason.BASIS));
        assertThat(lending(programme, RENT, LettingBasis.SHORT, Optional.of(679)))
                .isEqualTo(new Lending.Nothing(Lending.Reason.SCORE));
        assertThat(lending(programme, RENT, LettingBasis.SHORT, Optional.empty()))
                .isInstanceOf(Lending.Most.class);
        assertThat(lending(programme, Money.of("120.00"), LettingBasis.LONG, Optional.empty()))
                .isEqualTo(new Lending.Nothing(Lending.Reason.COVER));
    }

    @Test
    void addsToTheRateOnlyOnce() {
        Programme programme = LetHomes.programme(OUTGOINGS);
        Lending.Most most = most(programme, "2000.00", LettingBasis.LONG, 700);
        LoanOption taken = LetHomes.home(
                Money.of("318400.00"),
                most.loan(),
                most.rate().percent().value().toPlainString(),
                0,
                home.housing());
        Percent added = programme.bands().get(most.band()).addOn();
        LettingSolver solver = new LettingSolver(taken, added, programme, LettingBasis.LONG, RENT, Optional.of(700));
        assertThat(added).isEqualTo(Percent.of("0.25"));
        assertThat(solver.band()).contains(programme.bands().get(most.band()));
        assertThat(solver.most()).isEqualTo(most);
    }

    @Test
    void lendsInTheBandThatAddsLeast() {
        Programme programme = LetHomes.programme(OUTGOINGS);
        assertThat(solver(home, programme, "2800.00").band())
                .contains(programme.bands().get(0));
        assertThat(solver(home, programme, "2100.00").band())
                .contains(programme.bands().get(1));
        assertThat(solver(home, programme, "1500.00").band()).isEmpty();
    }

    @Test
    void everyLeverLeadsToALoanThatHasFigures() {
        LoanOption fixed = Options.closed(
                        new Closing(
                                Optional.empty(),
                                ClosingCosts.NONE,
                                UpfrontPremium.NONE,
                                Optional.of(new BuydownTerms(List.of(Percent.of("2"), Percent.of("1")), Payer.SELLER)),
                                List.of()),
                        Optional.of(LoanTerm.ofYears(7)))
                .withFinancing(home.financing())
                .withHousing(home.housing());
        List<LettingAnswer> answers =
                solver(fixed, LetHomes.programme(OUTGOINGS), "2250.00").levers();
        assertThat(answers).hasSize(FitLever.values().length);
        assertThat(answers).allSatisfy(answer -> {
            assertThat(answer).isInstanceOf(LettingAnswer.Found.class);
            assertThat(CaseEvaluator.evaluate(((LettingAnswer.Found) answer).option())
                            .cashToClose())
                    .isNotNull();
        });
    }

    @Test
    void refusesARentAboveThePrice() {
        CaseException refused = catchThrowableOfType(
                CaseException.class,
                () -> new LettingSolver(
                        home,
                        Percent.ZERO,
                        LetHomes.programme(OUTGOINGS),
                        LettingBasis.LONG,
                        Money.of("318400.01"),
                        Optional.empty()));
        assertThat(refused.findings()).singleElement().satisfies(finding -> {
            assertThat(finding.path()).isEqualTo("letting.rentCents");
            assertThat(finding.code()).isEqualTo(Code.RENT_ABOVE_PRICE);
        });
    }

    private static LettingSolver solver(LoanOption option, Programme programme, String rent) {
        return new LettingSolver(option, Percent.ZERO, programme, LettingBasis.LONG, Money.of(rent), Optional.empty());
    }

    private Lending lending(Programme programme, Money rent, LettingBasis basis, Optional<Integer> score) {
        return programme.mostOn(home, home.rate().annual(), rent, basis, score);
    }

    private Lending.Most most(Programme programme, String rent, LettingBasis basis, int score) {
        return (Lending.Most) lending(programme, Money.of(rent), basis, Optional.of(score));
    }

    private static List<String> refused(List<CoverageBand> bands, List<BasisTerms> bases) {
        CaseException refused = catchThrowableOfType(CaseException.class, () -> new Programme(OUTGOINGS, bands, bases));
        return refused.findings().stream()
                .map(finding -> finding.path() + " " + finding.code())
                .toList();
    }
}
