package app.impendium.core.rental;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.LoanOption;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.finding.CaseException;
import app.impendium.core.fit.FitLever;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;

/** What holds for every let home, rent and programme. */
class LettingPropertiesTest {
    private static final Optional<Integer> NO_SCORE = Optional.empty();
    private static final int LONGEST_YEARS = 40;

    @Provide
    Arbitrary<LoanOption> homes() {
        return Combinators.combine(
                        Arbitraries.longs().between(80_000, 900_000),
                        Arbitraries.integers().between(40, 90),
                        Arbitraries.integers().between(0, 12_000),
                        Arbitraries.of(0, 60),
                        Arbitraries.integers().between(0, 30))
                .as((price, loanToValue, thousandths, interestOnly, tax) -> {
                    Money value = Money.ofCents(price * 100);
                    return LetHomes.home(
                            value,
                            Percent.of(String.valueOf(loanToValue)).of(value),
                            BigDecimal.valueOf(thousandths, 3).toPlainString(),
                            interestOnly,
                            LetHomes.housing(
                                    new PropertyTax.ShareOfPrice(new Percent(BigDecimal.valueOf(tax, 1))),
                                    Money.of("1480.00"),
                                    Money.of("64.50")));
                });
    }

    @Provide
    Arbitrary<Programme> programmes() {
        return Arbitraries.of(
                LetHomes.programme(new Cover.OfOutgoings()),
                LetHomes.programme(
                        new Cover.OfInterest(new StressedRate(Percent.of("2"), AnnualRate.ofPercent("5.5")))));
    }

    @Provide
    Arbitrary<LettingBasis> bases() {
        return Arbitraries.of(LettingBasis.LONG, LettingBasis.SHORT);
    }

    @Property(tries = 150)
    void everyLeverIsSharp(
            @ForAll("homes") LoanOption home,
            @ForAll("programmes") Programme programme,
            @ForAll("bases") LettingBasis basis,
            @ForAll @LongRange(min = 40_000, max = 900_000) long rent) {
        for (LettingAnswer answer :
                solver(home, programme, basis, Money.ofCents(rent)).levers()) {
            FitLever lever = answer.lever();
            long least = lever.least(home);
            long most = Math.max(least, lever.most(home, LONGEST_YEARS));
            if (answer instanceof LettingAnswer.Found found) {
                long step = stepOf(lever, found.value());
                long further = lever.isBestAtLargest() ? step + 1 : step - 1;
                assertThat(lends(found.option(), programme, basis, rent)).isTrue();
                assertThat(further < least || further > most || !lendsAt(lever, home, further, programme, basis, rent))
                        .as("%s at %s, one step further", lever, found.value())
                        .isTrue();
            } else {
                long best = lever.isBestAtLargest() ? least : most;
                assertThat(lendsAt(lever, home, best, programme, basis, rent)).isFalse();
            }
        }
    }

    @Property(tries = 60)
    void theLargestLoanIsTheMostThatIsLentAlsoWhereSmallOnesHaveNoFigures(
            @ForAll("homes") LoanOption home,
            @ForAll("programmes") Programme programme,
            @ForAll @LongRange(min = 40_000, max = 900_000) long rent) {
        Money balloon = Money.of("20000.00");
        LoanOption ballooned = home.withFeatures(new LoanFeatures(
                0,
                balloon,
                home.features().regular(),
                List.of(),
                List.of(),
                home.features().extraEffect(),
                List.of()));
        LettingSolver solver = solver(ballooned, programme, LettingBasis.LONG, Money.ofCents(rent));

        Optional<BigDecimal> largest = solver.lever(FitLever.LOAN) instanceof LettingAnswer.Found found
                ? Optional.of(found.value())
                : Optional.empty();

        assertThat(largest)
                .isEqualTo(
                        solver.most() instanceof Lending.Most most
                                ? Optional.of(BigDecimal.valueOf(most.loan().cents() / 100))
                                : Optional.empty());
    }

    @Property(tries = 150)
    void theLeastRentIsSharpToTheCent(
            @ForAll("homes") LoanOption home,
            @ForAll("programmes") Programme programme,
            @ForAll("bases") LettingBasis basis) {
        Optional<Money> least = solver(home, programme, basis, Money.of("1.00")).leastRent();
        if (least.isEmpty()) {
            // Whatever the rent: the loan is above every share of the value.
            assertThat(lends(home, programme, basis, 5_000_000)).isFalse();
            return;
        }
        long cents = least.get().cents();
        assertThat(lends(home, programme, basis, cents)).isTrue();
        assertThat(cents == 0 || !lends(home, programme, basis, cents - 1)).isTrue();
    }

    @Property(tries = 150)
    void moreRentNeverLendsLess(
            @ForAll("homes") LoanOption home,
            @ForAll("programmes") Programme programme,
            @ForAll("bases") LettingBasis basis,
            @ForAll @LongRange(min = 0, max = 900_000) long rent,
            @ForAll @LongRange(min = 1, max = 200_000) long more) {
        assertThat(most(home, programme, basis, rent + more))
                .isGreaterThanOrEqualTo(most(home, programme, basis, rent));
    }

    @Property(tries = 150)
    void theMostThatIsLentIsLentAndOneUnitMoreIsNot(
            @ForAll("homes") LoanOption home,
            @ForAll("programmes") Programme programme,
            @ForAll("bases") LettingBasis basis,
            @ForAll @LongRange(min = 40_000, max = 900_000) long rent) {
        long units = most(home, programme, basis, rent) / 100;
        if (units >= FitLever.LOAN.least(home)) {
            assertThat(lendsAt(FitLever.LOAN, home, units, programme, basis, rent))
                    .isTrue();
        }
        assertThat(lendsAt(FitLever.LOAN, home, units + 1, programme, basis, rent))
                .isFalse();
    }

    @Property(tries = 100)
    void cheaperInsuranceIsAllowedUpToTheCent(
            @ForAll("homes") LoanOption home,
            @ForAll("programmes") Programme programme,
            @ForAll @LongRange(min = 40_000, max = 900_000) long rent) {
        Optional<Money> most =
                solver(home, programme, LettingBasis.LONG, Money.ofCents(rent)).mostInsurance();
        most.ifPresent(yearly -> {
            assertThat(lends(insured(home, yearly.cents()), programme, LettingBasis.LONG, rent))
                    .isTrue();
            assertThat(lends(insured(home, yearly.cents() + 1), programme, LettingBasis.LONG, rent))
                    .isFalse();
        });
    }

    private static LoanOption insured(LoanOption home, long cents) {
        return home.withHousing(home.housing().withHomeInsurance(Money.ofCents(cents)));
    }

    private static LettingSolver solver(LoanOption home, Programme programme, LettingBasis basis, Money rent) {
        return new LettingSolver(home, Percent.ZERO, programme, basis, rent, NO_SCORE);
    }

    private static boolean lends(LoanOption home, Programme programme, LettingBasis basis, long rent) {
        return solver(home, programme, basis, Money.ofCents(rent)).band().isPresent();
    }

    private static boolean lendsAt(
            FitLever lever, LoanOption home, long step, Programme programme, LettingBasis basis, long rent) {
        try {
            return lends(lever.applied(home, step), programme, basis, rent);
        } catch (CaseException noSuchLoan) {
            return false;
        }
    }

    private static long most(LoanOption home, Programme programme, LettingBasis basis, long rent) {
        return programme.mostOn(home, home.rate().annual(), Money.ofCents(rent), basis, NO_SCORE)
                        instanceof Lending.Most most
                ? most.loan().cents()
                : 0;
    }

    private static long stepOf(FitLever lever, BigDecimal value) {
        return lever == FitLever.RATE ? value.movePointRight(3).longValueExact() : value.longValueExact();
    }
}
