package app.impendium.core.loan;

import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Tuple;

/**
 * Random loans of every kind and combination, some of which have no answer: from one cent to the largest loan, from one
 * payment to fifty years, from 0 to 30 %.
 */
public final class Loans {
    private static final int THOUSANDTHS = 1000;

    private Loans() {}

    /** Loans without any feature. */
    public static Arbitrary<LoanTerms> plain() {
        return skeletons().map(skeleton -> skeleton.with(LoanFeatures.NONE));
    }

    /** Loans with any features. */
    public static Arbitrary<LoanTerms> all() {
        return Combinators.combine(skeletons(), drafts()).as((skeleton, draft) -> skeleton.with(draft.on(skeleton)));
    }

    /** Clauses that fit any loan once it is known. */
    public interface Drafted {
        LoanFeatures on(Money amount, PeriodicRate rate, int payments);
    }

    /** Any features, for a loan that is still to be chosen. */
    public static Arbitrary<Drafted> features() {
        return drafts().map(draft -> (amount, rate, payments) ->
                draft.on(new Skeleton(amount.cents(), rate, payments, PaymentRounding.NEAREST_CENT)));
    }

    private record Skeleton(long amount, PeriodicRate rate, int payments, PaymentRounding rounding) {
        LoanTerms with(LoanFeatures features) {
            return new LoanTerms(Money.ofCents(amount), rate, payments, rounding, features);
        }

        int perYear() {
            return rate.frequency().perYear();
        }

        /** So many thousandths of the loan, at least a cent. */
        Money share(int thousandths) {
            return Money.ofCents(Math.max(1, amount / THOUSANDTHS * thousandths));
        }

        /** The payment at so many thousandths of the loan's life, from 1. */
        int at(int thousandths) {
            return 1 + (int) ((long) (payments - 1) * thousandths / THOUSANDTHS);
        }
    }

    /** Clauses as shares of a loan that is not known yet, in thousandths; null where there is no such feature. */
    private record Draft(
            Integer interestOnly,
            Integer balloon,
            Integer chosen,
            DraftStep step,
            List<DraftExtra> extras,
            ExtraEffect effect,
            List<DraftChange> changes) {

        LoanFeatures on(Skeleton skeleton) {
            LoanFeatures features = LoanFeatures.NONE;
            if (interestOnly != null) {
                int years = skeleton.payments() / skeleton.perYear() * interestOnly / THOUSANDTHS;
                features = features.withInterestOnly(Math.min(years * skeleton.perYear(), skeleton.payments() - 1));
            }
            if (balloon != null) {
                features = features.withBalloon(Money.ofCents(skeleton.amount() / THOUSANDTHS * balloon));
            }
            long level = LevelPayment.of(skeleton.with(features)).cents();
            if (chosen != null) {
                features = features.withRegular(new RegularPayment.Custom(partOf(level, chosen)));
            }
            if (step != null) {
                features = features.withSteps(step.on(skeleton, features.interestOnlyPayments(), level));
            }
            List<ExtraPayment> paid =
                    extras.stream().map(extra -> extra.on(skeleton)).toList();
            return features.withExtras(paid, effect).withRateChanges(rateChanges(skeleton));
        }

        private List<RateChange> rateChanges(Skeleton skeleton) {
            TreeSet<Integer> from = new TreeSet<>();
            List<RateChange> all = new ArrayList<>();
            for (DraftChange change : changes) {
                int payment = change.from(skeleton);
                boolean isLater = from.isEmpty() || payment > from.last();
                if (payment >= 2 && payment <= skeleton.payments() && isLater) {
                    from.add(payment);
                    all.add(new RateChange(payment, skeleton.rate().withAnnual(change.rate())));
                }
            }
            return all;
        }
    }

    private record DraftExtra(int kind, int share, int first, int last) {
        ExtraPayment on(Skeleton skeleton) {
            int from = skeleton.at(first);
            int until = Math.max(from, skeleton.at(last));
            Money small = Money.ofCents(Math.max(1, skeleton.share(share).cents() / 100));
            return switch (kind) {
                case 0 -> new ExtraPayment.Lump(skeleton.share(share), from);
                case 1 -> new ExtraPayment.Regular(small, from, until);
                default -> new ExtraPayment.Yearly(small, from, until, skeleton.perYear());
            };
        }
    }

    /** So many thousandths of a payment, as far as a payment can be chosen: one of the largest loans may be more. */
    private static Money partOf(long payment, int thousandths) {
        long cents = Math.max(1, payment * thousandths / THOUSANDTHS);
        return Money.ofCents(Math.min(cents, Money.LARGEST.cents()));
    }

    private record DraftStep(int time, int share) {
        List<PaymentStep> on(Skeleton skeleton, int interestOnly, long level) {
            int from = Math.max(Math.max(2, interestOnly + 1), skeleton.at(time));
            Money amount = partOf(level, share);
            return from > skeleton.payments() ? List.of() : List.of(new PaymentStep(from, amount));
        }
    }

    private record DraftChange(int time, AnnualRate rate) {
        int from(Skeleton skeleton) {
            int any = skeleton.at(time);
            // An accelerated payment can be computed again only where whole months are left.
            return skeleton.rate().frequency().isAccelerated()
                    ? any / skeleton.perYear() * skeleton.perYear() + 1
                    : any;
        }
    }

    private static Arbitrary<Draft> drafts() {
        Arbitrary<Integer> thousandths = Arbitraries.integers().between(0, THOUSANDTHS);
        Arbitrary<DraftExtra> extras = Combinators.combine(
                        Arbitraries.integers().between(0, 2),
                        Arbitraries.integers().between(1, 300),
                        thousandths,
                        thousandths)
                .as(DraftExtra::new);
        Arbitrary<DraftChange> changes =
                Combinators.combine(thousandths, rates()).as(DraftChange::new);
        Arbitrary<DraftStep> steps = Combinators.combine(
                        thousandths, Arbitraries.integers().between(800, 1800))
                .as(DraftStep::new);
        return Combinators.combine(
                        Arbitraries.integers().between(0, 350).injectNull(0.75),
                        Arbitraries.integers().between(1, 800).injectNull(0.75),
                        Arbitraries.integers().between(800, 1800).injectNull(0.75),
                        steps.injectNull(0.75),
                        extras.list().ofMaxSize(2),
                        Arbitraries.of(ExtraEffect.class),
                        changes.list().ofMaxSize(2))
                .as(Draft::new)
                .withoutEdgeCases();
    }

    private static Arbitrary<AnnualRate> rates() {
        return Arbitraries.bigDecimals()
                .between(BigDecimal.ZERO, BigDecimal.valueOf(30))
                .ofScale(3)
                .map(AnnualRate::ofPercent);
    }

    private static Arbitrary<Skeleton> skeletons() {
        Arbitrary<Long> amounts = Arbitraries.frequencyOf(
                Tuple.of(6, Arbitraries.longs().between(100_000, 150_000_000)),
                Tuple.of(1, Arbitraries.longs().between(1, 1000)),
                Tuple.of(1, Arbitraries.longs().between(150_000_000, Money.LARGEST.cents())));
        return Combinators.combine(
                        amounts,
                        rates(),
                        Arbitraries.of(Compounding.class),
                        Arbitraries.of(PaymentFrequency.class),
                        Arbitraries.integers().between(0, 50),
                        Arbitraries.of(PaymentRounding.class))
                .as((amount, rate, compounding, frequency, years, rounding) -> new Skeleton(
                        amount,
                        PeriodicRate.of(rate, compounding, frequency),
                        years == 0 && !frequency.isAccelerated() ? 1 : Math.max(1, years) * frequency.perYear(),
                        rounding));
    }
}
