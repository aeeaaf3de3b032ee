package app.impendium.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.afford.Condition;
import app.impendium.core.afford.Funds;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Households;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.RandomHouseholds;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.Payer;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class BorrowingTest {
    private static final LimitSet SET =
            Households.set(Households.atMost(Measure.FRONT_END, "28"), Households.atMost(Measure.BACK_END, "36"));

    /** Costs of 1,500 and one percent of the loan. */
    private static final ClosingCosts COSTS = new ClosingCosts(List.of(
            ClosingItem.of(ClosingItem.Kind.LOAN_FEE, Money.of("1500.00")),
            new ClosingItem(ClosingItem.Kind.POINTS, new ClosingAmount.ShareOfLoan(Percent.of("1")), Payer.BUYER)));

    /** Below it the cents that a payment is rounded by decide everything. */
    private static final Money LEAST_LOAN = Money.of("1000.00");

    @Provide
    Arbitrary<Household> households() {
        return RandomHouseholds.all();
    }

    @Provide
    Arbitrary<LimitSet> sets() {
        return RandomHouseholds.sets();
    }

    @Property(tries = 200)
    void nothingElseThatTheirMoneyAllowsBuysMore(
            @ForAll("households") Household people,
            @ForAll("sets") LimitSet set,
            @ForAll @DoubleRange(min = 0, max = 1) double share,
            @ForAll @DoubleRange(min = 0, max = 1) double part) {
        Borrowing borrowing = new Borrowing(terms(), people, set);
        Money free = people.funds().free();
        Money down = Money.ofCents((long) (free.cents() * share) / 100 * 100);
        Optional<Borrowing.Most> most = borrowing.most();

        borrowing
                .withDown(down)
                .ifPresent(whateverItTakes -> Stream.of(1.0, part)
                        .map(cut -> Money.ofCents(
                                (long) (whateverItTakes.loan().base().cents() * cut) / 100 * 100))
                        .filter(loan -> !LEAST_LOAN.isAbove(loan))
                        .map(down::plus)
                        .filter(price -> isAllowed(price, down, people, set))
                        .forEach(price -> assertThat(most.orElseThrow().price()).isGreaterThanOrEqualTo(price)));
        most.ifPresent(found -> {
            assertThat(isAllowed(found.price(), found.down(), people, set)).isTrue();
            assertThat(found.price().minus(found.down())).isEqualTo(found.loan().base());
        });
    }

    private static boolean isAllowed(Money price, Money down, Household people, LimitSet set) {
        LoanOption option =
                terms().withFinancing(new Financing.Purchase(price, new DownPayment.Amount(down), Optional.empty()));
        FitSolver solver = new FitSolver(new LoanVariants(CaseEvaluator.evaluate(option), people), set);
        return solver.allowance().isMetBy(solver.loan())
                && !solver.loan().cashToClose().isAbove(people.funds().free());
    }

    @Test
    void borrowsAsMuchAsTheCostsThatFollowTheLoanLeave() {
        // Costs of 1,500 and one percent of 50,000 take all that is there; the limits would allow more.
        Borrowing.Most most = new Borrowing(terms(), earning("6000.00", "2000.00"), SET)
                .most()
                .orElseThrow();

        assertThat(most.price()).isEqualTo(Money.of("50000.00"));
        assertThat(most.down()).isEqualTo(Money.ZERO);
        assertThat(most.loan().cashToClose()).isEqualTo(Money.of("2000.00"));
    }

    @Test
    void keepsInReserveWhatALaxerLimitAsksFor() {
        LimitSet set = Households.set(
                Households.atMost(
                        Measure.BACK_END, "30", new Condition.Below(Condition.Fact.RESERVES, BigDecimal.valueOf(6))),
                Households.atMost(
                        Measure.BACK_END, "45", new Condition.From(Condition.Fact.RESERVES, BigDecimal.valueOf(6))));
        Household people = earning("6000.00", "60000.00");
        Borrowing.Most most = new Borrowing(terms(), people, set).most().orElseThrow();
        Money left = people.funds().free().minus(most.loan().cashToClose());

        assertThat(left.dividedBy(6)).isGreaterThanOrEqualTo(most.loan().cost().total());
        assertThat(new Borrowing(terms(), people, set)
                        .withDown(people.funds().free().minus(Money.of("5000.00")))
                        .orElseThrow()
                        .price())
                .isLessThan(most.price());
    }

    @Test
    void borrowsMoreAtALowerRateAndWithMoreDown() {
        Borrowing borrowing = new Borrowing(terms(), earning("6000.00", "40000.00"), SET);
        Money price = borrowing.most().orElseThrow().price();

        assertThat(borrowing.at(AnnualRate.ofPercent("4")).most().orElseThrow().price())
                .isGreaterThan(price);
        assertThat(borrowing.withDown(Money.of("80000.00")).orElseThrow().price())
                .isGreaterThan(price);
    }

    @Test
    void borrowsOnTermsThatASmallLoanCouldNotHave() {
        LoanOption plain = terms();
        LoanOption balloon = plain.withFeatures(plain.features().withBalloon(Money.of("5000.00")));
        LoanOption boughtDown = plain.withRate(AnnualRate.ofPercent("4.375"))
                .withClosing(new Closing(
                        Optional.empty(),
                        COSTS,
                        plain.closing().upfrontPremium(),
                        Optional.of(new BuydownTerms(
                                List.of(Percent.of("3"), Percent.of("2"), Percent.of("1")), Payer.SELLER)),
                        List.of()));
        for (LoanOption option : List.of(balloon, boughtDown)) {
            assertThat(new Borrowing(option, earning("6000.00", "40000.00"), SET).most())
                    .isPresent();
        }
        // Below its reductions a rate has no figures: a gap, and no refusal.
        assertThat(new Borrowing(boughtDown, earning("6000.00", "40000.00"), SET)
                        .at(AnnualRate.ofPercent("2.5"))
                        .most())
                .isEmpty();
    }

    @Test
    void hasNoAnswerWhereTheMoneyDoesNotCoverTheCosts() {
        assertThat(new Borrowing(terms(), earning("6000.00", "1499.00"), SET).most())
                .isEmpty();
        assertThat(new Borrowing(terms(), earning("0.00", "40000.00"), SET).most())
                .isEmpty();
    }

    @Test
    void saysWhichTestDecides() {
        LimitSet set = Households.set(
                Households.atMost(Measure.FRONT_END, "30"), Households.atMost(Measure.LOAN_TO_VALUE, "80"));
        Household people = Households.of(
                List.of(Households.monthly("6000.00")),
                List.of(),
                new Funds(Money.of("200000.00"), Money.ZERO, Money.ZERO));
        Borrowing borrowing = new Borrowing(Options.purchase("20", PaymentFrequency.MONTHLY, 360), people, set);

        assertThat(borrowing.withDown(Money.of("10000.00")).map(borrowing::decidedBy))
                .hasValue(List.of(Measure.LOAN_TO_VALUE));
        assertThat(borrowing.withDown(Money.of("150000.00")).map(borrowing::decidedBy))
                .hasValue(List.of(Measure.FRONT_END));
    }

    @Test
    void countsADebtThatOnlyARefinancingWouldPayOff() {
        Household owing = Households.of(
                List.of(Households.monthly("6000.00")),
                List.of(Households.debt("boat", "610.00", "9400.00")),
                Households.NO_FUNDS);
        RunningDebt boat = new RunningDebt("boat", Money.of("9400.00"), Optional.empty(), AnnualRate.ofPercent("0"));
        LoanOption refinancing = terms().withFinancing(Financing.Refinancing.of(
                Money.of("180000.00"), List.of(boat), Money.ZERO, Optional.of(Money.of("300000.00"))));
        Money down = Money.of("40000.00");

        assertThat(priced(refinancing, owing, down)).isEqualTo(priced(terms(), owing, down));
        assertThat(priced(terms(), owing, down)).isLessThan(priced(terms(), earning("6000.00", "0.00"), down));
    }

    private static Money priced(LoanOption terms, Household people, Money down) {
        return new Borrowing(terms, people, SET).withDown(down).orElseThrow().price();
    }

    private static Household earning(String amount, String atHand) {
        Funds funds = new Funds(Money.of(atHand), Money.ZERO, Money.ZERO);
        return Households.of(List.of(Households.monthly(amount)), List.of(), funds);
    }

    private static LoanOption terms() {
        Financing bought = new Financing.Purchase(
                Money.of("300000.00"), new DownPayment.Amount(Money.of("60000.00")), Optional.empty());
        LoanOption plain = Options.of(bought, PaymentFrequency.MONTHLY, 360, LocalDate.of(2027, 3, 1));
        return plain.withClosing(
                new Closing(Optional.empty(), COSTS, plain.closing().upfrontPremium(), Optional.empty(), List.of()));
    }
}
