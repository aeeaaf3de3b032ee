package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/** Random loans of every kind and combination, some of which have no answer. */
public final class Loans {
    private Loans() {}

    /** Loans without any clause. */
    public static Arbitrary<LoanTerms> plain() {
        return skeletons().map(skeleton -> skeleton.with(LoanClauses.NONE));
    }

    /** Loans with any clauses. */
    public static Arbitrary<LoanTerms> all() {
        return Combinators.combine(skeletons(), Arbitraries.randomValue(random -> random))
                .as((skeleton, random) -> {
                    LoanClauses clauses = LoanClauses.NONE;
                    int payments = skeleton.payments();
                    int perYear = skeleton.rate().frequency().perYear();
                    int interestOnlyYears = random.nextInt(4) == 0 ? random.nextInt(1 + payments / perYear / 3) : 0;
                    int interestOnly = Math.min(interestOnlyYears * perYear, payments - 1);
                    clauses = clauses.withInterestOnly(interestOnly);
                    if (random.nextInt(4) == 0) {
                        clauses = clauses.withResidual(
                                Money.ofCents((long) (skeleton.amount() * random.nextDouble() * 0.8)));
                    }
                    if (random.nextInt(4) == 0) {
                        long level = LevelPayment.of(skeleton.with(clauses)).cents();
                        long chosen = Math.max(1, (long) (level * (0.8 + random.nextDouble())));
                        clauses = clauses.withRegular(new RegularPayment.Chosen(Money.ofCents(chosen)));
                    }
                    if (random.nextInt(2) == 0) {
                        ExtraEffect effect = ExtraEffect.values()[random.nextInt(2)];
                        clauses = clauses.withExtras(extras(skeleton, random), effect);
                    }
                    if (random.nextInt(3) == 0) {
                        clauses = clauses.withRateChanges(rateChanges(skeleton, random));
                    }
                    return skeleton.with(clauses);
                });
    }

    private record Skeleton(long amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        LoanTerms with(LoanClauses clauses) {
            return new LoanTerms(Money.ofCents(amount), rate, payments, rounding, clauses);
        }
    }

    private static Arbitrary<Skeleton> skeletons() {
        Arbitrary<BigDecimal> percents = Arbitraries.bigDecimals()
                .between(BigDecimal.ZERO, BigDecimal.valueOf(15))
                .ofScale(3);
        return Combinators.combine(
                        Arbitraries.longs().between(100_000, 150_000_000),
                        percents,
                        Arbitraries.of(Compounding.class),
                        Arbitraries.of(PaymentFrequency.class),
                        Arbitraries.integers().between(1, 30),
                        Arbitraries.of(PaymentRounding.class))
                .as((amount, percent, compounding, frequency, years, rounding) -> new Skeleton(
                        amount,
                        PeriodicRate.of(AnnualRate.ofPercent(percent), compounding, frequency),
                        years * frequency.perYear(),
                        rounding));
    }

    private static List<ExtraPayment> extras(Skeleton skeleton, Random random) {
        List<ExtraPayment> extras = new ArrayList<>();
        int payments = skeleton.payments();
        int first = 1 + random.nextInt(payments);
        Money lump = Money.ofCents(1 + (long) (skeleton.amount() * random.nextDouble() * 0.3));
        Money small = Money.ofCents(1 + (long) (skeleton.amount() * random.nextDouble() * 0.002));
        switch (random.nextInt(3)) {
            case 0 -> extras.add(new ExtraPayment.Lump(lump, first));
            case 1 -> extras.add(new ExtraPayment.Regular(small, first, first + random.nextInt(payments)));
            default -> {
                int perYear = skeleton.rate().frequency().perYear();
                extras.add(new ExtraPayment.Yearly(small, first, payments, perYear));
                extras.add(new ExtraPayment.Lump(lump, 1 + random.nextInt(payments)));
            }
        }
        return extras;
    }

    private static List<RateChange> rateChanges(Skeleton skeleton, Random random) {
        int payments = skeleton.payments();
        int perYear = skeleton.rate().frequency().perYear();
        boolean accelerated = skeleton.rate().frequency().isAccelerated();
        TreeSet<Integer> from = new TreeSet<>();
        for (int i = 0; i < 2 && payments > 2 * perYear; i++) {
            int any = 2 + random.nextInt(payments - 1);
            // An accelerated payment can be computed anew only where whole months are left.
            from.add(accelerated ? 1 + perYear * (1 + random.nextInt(payments / perYear - 1)) : any);
        }
        return from.stream()
                .map(payment ->
                        new RateChange(payment, AnnualRate.ofPercent(BigDecimal.valueOf(random.nextInt(12_000), 3))))
                .toList();
    }
}
