package app.impendium.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.afford.Allowance;
import app.impendium.core.afford.CountedHousehold;
import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Households;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.RandomHouseholds;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What holds for every household, limit set and loan. */
class FitPropertiesTest {
    @Provide
    Arbitrary<Household> households() {
        return RandomHouseholds.all();
    }

    @Provide
    Arbitrary<LimitSet> sets() {
        return RandomHouseholds.sets();
    }

    @Provide
    Arbitrary<LoanOption> loans() {
        Arbitrary<Financing> bought = Combinators.combine(
                        Arbitraries.longs().between(60_000, 900_000),
                        Arbitraries.integers().between(3, 60),
                        Arbitraries.of(true, false))
                .as((price, down, asShare) -> {
                    Money home = Money.ofCents(price * 100);
                    Percent share = Percent.of(String.valueOf(down));
                    return new Financing.Purchase(
                            home,
                            asShare ? new DownPayment.Share(share) : new DownPayment.Amount(share.of(home)),
                            Optional.empty());
                });
        Arbitrary<Financing> alone = Arbitraries.longs()
                .between(2_000_000, 60_000_000)
                .map(cents -> new Financing.LoanOnly(Money.ofCents(cents)));
        return Combinators.combine(
                        Arbitraries.oneOf(bought, bought, alone),
                        Arbitraries.integers().between(0, 12_000),
                        Arbitraries.of(PaymentFrequency.MONTHLY, PaymentFrequency.ACCELERATED_BIWEEKLY),
                        Arbitraries.integers().between(5, 40))
                .as((financing, thousandths, frequency, years) -> Options.of(
                                financing, frequency, years * 12, LocalDate.of(2027, 3, 1))
                        .withRate(AnnualRate.ofPercent(BigDecimal.valueOf(thousandths, 3)))
                        .withAmortization(new LoanTerm(years * 12)));
    }

    @Property(tries = 400)
    void everyLeverIsSharp(
            @ForAll("households") Household people, @ForAll("sets") LimitSet set, @ForAll("loans") LoanOption option) {
        for (FitAnswer answer : solver(option, people, set).levers()) {
            FitLever lever = answer.lever();
            long most = lever.most(option, set.longestTermYears());
            if (answer instanceof FitAnswer.Found found) {
                long step = stepOf(found);
                long further = lever.isBestAtLargest() ? step + 1 : step - 1;
                assertThat(meets(lever.applied(option, step), people, set)).isTrue();
                assertThat(further < lever.least(option)
                                || further > most
                                || !meets(lever, option, further, people, set))
                        .as("%s at %s, one step further", lever, found.value())
                        .isTrue();
            } else {
                long best = lever.isBestAtLargest() ? lever.least(option) : most;
                assertThat(meets(lever, option, best, people, set)).isFalse();
            }
        }
    }

    @Property(tries = 400)
    void theBestDebtsAreThoseThatTryingAllSetsFinds(
            @ForAll("households") Household people, @ForAll("sets") LimitSet set, @ForAll("loans") LoanOption option) {
        FitSolver solver = solver(option, people, set);
        Comparator<Set<Debt>> fewest = Comparator.comparingInt(Set::size);
        Comparator<Set<Debt>> cheapest = Comparator.comparingLong(FitPropertiesTest::cash);
        assertThat(costOf(solver.fewestDebts(), people))
                .isEqualTo(best(option, people, set, fewest.thenComparing(cheapest)));
        assertThat(costOf(solver.cheapestDebts(), people))
                .isEqualTo(best(option, people, set, cheapest.thenComparing(fewest)));
    }

    @Property(tries = 200)
    void theHighestRateWithoutDebtsMeetsTheLimitsAndTheNextDoesNot(
            @ForAll("households") Household people, @ForAll("sets") LimitSet set, @ForAll("loans") LoanOption option) {
        for (FitSolver.DebtsWithRate pair : solver(option, people, set).ratesByDebts()) {
            Set<Debt> debts =
                    pair.debts().places().stream().map(people.debts()::get).collect(Collectors.toSet());
            Set<String> ids = debts.stream().map(Debt::id).collect(Collectors.toSet());
            pair.rate().ifPresent(found -> {
                LoanOption paying = paying(option, debts);
                long step = stepOf(found);
                assertThat(meets(FitLever.RATE.applied(paying, step), people, set, ids))
                        .isTrue();
                assertThat(step == FitLever.RATE.most(option, 40)
                                || !meets(FitLever.RATE.applied(paying, step + 1), people, set, ids))
                        .isTrue();
            });
        }
    }

    @Property(tries = 400)
    void theMissingIncomeIsMissingToTheCent(
            @ForAll("households") Household people, @ForAll("sets") LimitSet set, @ForAll("loans") LoanOption option) {
        Optional<Money> missing = solver(option, people, set).missingIncome();
        if (missing.isEmpty()) {
            Household rich = Households.earning(people, Money.of("90000000.00"));
            assertThat(meets(option, rich, set)).isFalse();
        } else if (missing.get().isZero()) {
            assertThat(meets(option, people, set)).isTrue();
        } else {
            assertThat(meets(option, Households.earning(people, missing.get()), set))
                    .isTrue();
            Money short1 = missing.get().minus(Money.ofCents(1));
            assertThat(meets(option, Households.earning(people, short1), set)).isFalse();
        }
    }

    @Property(tries = 150)
    void theOrderOfPeopleAndDebtsChangesNothing(
            @ForAll("households") Household people, @ForAll("sets") LimitSet set, @ForAll("loans") LoanOption option) {
        FitSolver one = solver(option, people, set);
        FitSolver other = solver(option, Households.reversed(people), set);
        assertThat(values(other)).isEqualTo(values(one));
        assertThat(other.assessment()).isEqualTo(one.assessment());
        assertThat(other.missingIncome()).isEqualTo(one.missingIncome());
        assertThat(sizeAndCash(other.fewestDebts())).isEqualTo(sizeAndCash(one.fewestDebts()));
        assertThat(sizeAndCash(other.cheapestDebts())).isEqualTo(sizeAndCash(one.cheapestDebts()));
    }

    @Property(tries = 150)
    void moreIncomeNeverLowersALever(
            @ForAll("households") Household people, @ForAll("sets") LimitSet set, @ForAll("loans") LoanOption option) {
        List<FitAnswer> before = solver(option, people, set).levers();
        List<FitAnswer> after = solver(option, Households.earning(people, Money.of("137.41")), set)
                .levers();
        for (int i = 0; i < before.size(); i++) {
            if (before.get(i) instanceof FitAnswer.Found found) {
                BigDecimal now = ((FitAnswer.Found) after.get(i)).value();
                boolean isNoWorse = found.lever().isBestAtLargest()
                        ? now.compareTo(found.value()) >= 0
                        : now.compareTo(found.value()) <= 0;
                assertThat(isNoWorse).as("%s then %s", found.value(), now).isTrue();
            }
        }
    }

    private static FitSolver solver(LoanOption option, Household people, LimitSet set) {
        return new FitSolver(new LoanVariants(CaseEvaluator.evaluate(option), people), set);
    }

    private static long stepOf(FitAnswer.Found found) {
        return found.lever() == FitLever.RATE
                ? found.value().movePointRight(3).longValueExact()
                : found.value().longValueExact();
    }

    private static boolean meets(FitLever lever, LoanOption option, long step, Household people, LimitSet set) {
        try {
            return meets(lever.applied(option, step), people, set);
        } catch (CaseException noSuchLoan) {
            return false;
        }
    }

    private static boolean meets(LoanOption option, Household people, LimitSet set) {
        return meets(option, people, set, Set.of());
    }

    private static boolean meets(LoanOption option, Household people, LimitSet set, Set<String> paidOff) {
        QualifyingLoan loan = new QualifyingLoan(option, set.stressed(), people.funds());
        return new Allowance(set, CountedHousehold.of(people, set, paidOff)).isMetBy(loan);
    }

    private static Optional<String> best(
            LoanOption option, Household people, LimitSet set, Comparator<Set<Debt>> better) {
        List<Debt> payable = people.debts().stream()
                .filter(debt -> debt.counts() && !debt.balance().isZero())
                .toList();
        return subsets(payable)
                .filter(chosen -> meets(
                        paying(option, chosen),
                        people,
                        set,
                        chosen.stream().map(Debt::id).collect(Collectors.toSet())))
                .min(better)
                .map(chosen -> chosen.size() + " " + cash(chosen));
    }

    private static LoanOption paying(LoanOption option, Set<Debt> debts) {
        AnnualRate none = AnnualRate.ofPercent("0");
        return option.withClosing(option.closing()
                .payingOff(debts.stream()
                        .map(debt -> new RunningDebt(debt.id(), debt.balance(), Optional.empty(), none))
                        .toList()));
    }

    private static Stream<Set<Debt>> subsets(List<Debt> debts) {
        List<Set<Debt>> all = new ArrayList<>();
        for (int bits = 0; bits < 1 << debts.size(); bits++) {
            int chosen = bits;
            all.add(debts.stream()
                    .filter(debt -> (chosen >> debts.indexOf(debt) & 1) == 1)
                    .collect(Collectors.toSet()));
        }
        return all.stream();
    }

    private static long cash(Set<Debt> debts) {
        return debts.stream().mapToLong(debt -> debt.balance().cents()).sum();
    }

    private static Optional<String> costOf(DebtsAnswer answer, Household people) {
        return answer instanceof DebtsAnswer.Found found
                ? Optional.of(found.places().size() + " "
                        + cash(found.places().stream().map(people.debts()::get).collect(Collectors.toSet())))
                : Optional.empty();
    }

    private static List<BigDecimal> values(FitSolver solver) {
        return solver.levers().stream()
                .map(answer -> answer instanceof FitAnswer.Found found ? found.value() : null)
                .toList();
    }

    private static String sizeAndCash(DebtsAnswer answer) {
        return answer instanceof DebtsAnswer.Found found ? found.places().size() + " " + found.cash() : "none";
    }
}
