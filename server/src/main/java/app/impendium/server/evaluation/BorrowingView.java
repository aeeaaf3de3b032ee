package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.fit.Borrowing;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.server.document.Convention.Measure;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What people can borrow without a home in mind, in whole cents.
 *
 * @param sets the most under each set, in their order
 * @param byRate the largest price at rates around the option's own, under the set looked at, with all their money
 * @param byDown the largest price with so much paid down, under the set looked at
 */
public record BorrowingView(List<MostView> sets, List<RatePointView> byRate, List<DownPointView> byDown) {
    private static final BigDecimal RATE_STEP = new BigDecimal("0.25");
    private static final int RATE_STEPS_EACH_WAY = 6;
    private static final int DOWN_STEPS = 24;
    private static final long UNIT = 100;
    private static final Money LEAST_WIDTH = Money.of("48000.00");

    /**
     * The most under a set; everything is absent where it allows nothing.
     *
     * @param housing what the home costs a month
     * @param cashToCloseCents all that closing takes
     */
    public record MostView(
            @Schema(nullable = true) Long priceCents,
            @Schema(nullable = true) Long downCents,
            @Schema(nullable = true) Long loanCents,
            @Schema(nullable = true) HousingCostView housing,
            @Schema(nullable = true) Long cashToCloseCents) {
        private static final MostView NONE = new MostView(null, null, null, null, null);

        private static MostView of(Borrowing.Most most) {
            return new MostView(
                    most.price().cents(),
                    most.down().cents(),
                    most.loan().base().cents(),
                    HousingCostView.of(most.loan().cost()),
                    most.loan().cashToClose().cents());
        }
    }

    /**
     * The largest price at a rate; absent where there is none.
     *
     * @param decides the tests that keep it from being more
     */
    public record RatePointView(
            BigDecimal ratePercent, @Schema(nullable = true) Long priceCents, List<Measure> decides) {}

    /**
     * The largest price with so much down; absent where there is none.
     *
     * @param decides the tests that keep it from being more
     */
    public record DownPointView(
            long downCents, @Schema(nullable = true) Long priceCents, List<Measure> decides) {}

    /**
     * @param each a set's borrowing
     * @param chosen the place of the one that is looked at
     */
    static BorrowingView of(List<Borrowing> each, int chosen, LoanOption terms) {
        Optional<Borrowing.Most> looked = each.get(chosen).most();
        return new BorrowingView(
                each.stream()
                        .map(borrowing -> borrowing.most().map(MostView::of).orElse(MostView.NONE))
                        .toList(),
                byRate(each.get(chosen), terms.rate().annual()),
                byDown(each.get(chosen), looked.map(Borrowing.Most::down).orElse(Money.ZERO)));
    }

    private static List<RatePointView> byRate(Borrowing borrowing, AnnualRate own) {
        return IntStream.rangeClosed(-RATE_STEPS_EACH_WAY, RATE_STEPS_EACH_WAY)
                .mapToObj(step -> own.percent().value().add(RATE_STEP.multiply(BigDecimal.valueOf(step))))
                .filter(percent -> percent.signum() >= 0 && percent.compareTo(AnnualRate.HIGHEST) <= 0)
                .map(percent -> at(percent, borrowing.at(AnnualRate.ofPercent(percent))))
                .toList();
    }

    private static List<DownPointView> byDown(Borrowing borrowing, Money own) {
        // Twelve steps up to their own and twelve beyond it: their own is one of the points.
        long width = Math.max(own.cents() * 2, LEAST_WIDTH.cents());
        long step = own.isZero() ? width / DOWN_STEPS : own.cents() / (DOWN_STEPS / 2);
        return IntStream.rangeClosed(0, DOWN_STEPS)
                .mapToLong(place -> place == DOWN_STEPS / 2 && !own.isZero() ? own.cents() : place * step / UNIT * UNIT)
                .mapToObj(down -> with(down, borrowing))
                .toList();
    }

    private static RatePointView at(BigDecimal percent, Borrowing borrowing) {
        Optional<Borrowing.Most> most = borrowing.most();
        return new RatePointView(percent, price(most), decides(borrowing, most));
    }

    private static DownPointView with(long down, Borrowing borrowing) {
        Optional<Borrowing.Most> most = borrowing.withDown(Money.ofCents(down));
        return new DownPointView(down, price(most), decides(borrowing, most));
    }

    private static List<Measure> decides(Borrowing borrowing, Optional<Borrowing.Most> most) {
        return most.stream()
                .flatMap(there -> borrowing.decidedBy(there).stream())
                .map(test -> Measure.valueOf(test.name()))
                .toList();
    }

    private static Long price(Optional<Borrowing.Most> most) {
        return most.map(Borrowing.Most::price).map(Money::cents).orElse(null);
    }
}
