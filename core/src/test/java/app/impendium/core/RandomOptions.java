package app.impendium.core;

import app.impendium.core.cost.ClosingAmount;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.ClosingItem;
import app.impendium.core.cost.ClosingItem.Kind;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.Loans;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/**
 * Random options of every kind and combination, some of which have no answer: with insurance and extras, odd numbers of
 * payments, odd days before the first.
 */
public final class RandomOptions {
    private static final LocalDate EARLIEST = LocalDate.of(2026, 1, 1);

    private RandomOptions() {}

    private record Frame(
            Financing financing,
            AnnualRate rate,
            Compounding compounding,
            PaymentFrequency frequency,
            LoanTerm term,
            LocalDate first) {
        PeriodicRate periodicRate() {
            return PeriodicRate.of(rate, compounding, frequency);
        }
    }

    private record Costs(Closing closing, HousingTerms housing, PaymentRounding rounding) {}

    public static Arbitrary<LoanOption> all() {
        return Combinators.combine(frames(), costs(), Loans.features())
                .as((frame, costs, features) -> new LoanOption(
                        frame.financing(),
                        frame.periodicRate(),
                        costs.rounding(),
                        frame.term(),
                        Optional.empty(),
                        frame.first(),
                        features.on(
                                frame.financing().loanAmount(),
                                frame.periodicRate(),
                                frame.term().payments(frame.frequency())),
                        costs.closing(),
                        costs.housing(),
                        CreditCostRate.ANNUAL_PERCENTAGE_RATE));
    }

    private static Arbitrary<Frame> frames() {
        return Combinators.combine(
                        financing(),
                        percents(15).map(AnnualRate::new),
                        Arbitraries.of(Compounding.class),
                        Arbitraries.of(PaymentFrequency.class),
                        Arbitraries.integers().between(12, 480),
                        Arbitraries.integers().between(100, 5000))
                .as((financing, rate, compounding, frequency, months, day) -> new Frame(
                        financing, rate, compounding, frequency, wholeTerm(months, frequency), EARLIEST.plusDays(day)));
    }

    private static LoanTerm wholeTerm(int months, PaymentFrequency frequency) {
        int step = LoanTerm.shortestWholeMonths(frequency);
        return new LoanTerm(Math.max(step, months / step * step));
    }

    private static Arbitrary<Financing> financing() {
        Arbitrary<Long> cents = Arbitraries.longs().between(3_000_000, 150_000_000);
        Arbitrary<Financing> purchases = Combinators.combine(
                        cents,
                        percents(60),
                        Arbitraries.of(true, false),
                        Arbitraries.integers().between(70, 130))
                .as((price, down, asShare, appraisal) -> new Financing.Purchase(
                        Money.ofCents(price),
                        asShare ? new DownPayment.Share(down) : new DownPayment.Amount(down.of(Money.ofCents(price))),
                        appraisal < 90 ? Optional.of(Money.ofCents(price / 100 * appraisal)) : Optional.empty()));
        Arbitrary<Financing> alone = cents.map(amount -> new Financing.LoanOnly(Money.ofCents(amount)));
        return Arbitraries.oneOf(purchases, purchases, alone);
    }

    private static Arbitrary<Costs> costs() {
        Arbitrary<Optional<Integer>> daysBefore =
                Arbitraries.integers().between(1, 95).optional(0.5);
        Arbitrary<UpfrontPremium> premium =
                Combinators.combine(percents(3), Arbitraries.of(true, false)).as(UpfrontPremium::new);
        Arbitrary<Long> fees = Arbitraries.longs().between(0, 900_000);
        return Combinators.combine(
                        daysBefore,
                        premium,
                        percents(3),
                        fees,
                        percents(2),
                        percents(3),
                        Arbitraries.of(PaymentRounding.class))
                .as((days, upfront, points, fee, insurance, tax, rounding) -> new Costs(
                        new Closing(
                                days.map(before -> EARLIEST.plusDays(100 - before)),
                                new ClosingCosts(List.of(
                                        new ClosingItem(
                                                Kind.POINTS, new ClosingAmount.ShareOfLoan(points), Payer.BUYER),
                                        ClosingItem.of(Kind.LOAN_FEE, Money.ofCents(fee)),
                                        ClosingItem.of(Kind.PREPAID_INTEREST, Money.ofCents(fee / 7)))),
                                upfront,
                                Optional.empty(),
                                List.of()),
                        new HousingTerms(
                                new PropertyTax.ShareOfPrice(tax),
                                Money.ofCents(fee),
                                insurance,
                                true,
                                Money.ZERO,
                                Money.ZERO),
                        rounding));
    }

    private static Arbitrary<Percent> percents(int most) {
        return Arbitraries.bigDecimals()
                .between(BigDecimal.ZERO, BigDecimal.valueOf(most))
                .ofScale(3)
                .map(Percent::new)
                .withoutEdgeCases();
    }
}
