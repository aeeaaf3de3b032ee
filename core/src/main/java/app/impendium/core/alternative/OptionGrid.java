package app.impendium.core.alternative;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseComparison;
import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * What an option would come to at rates around its own, over usual terms or with usual shares down; at the level payment, but
 * for where it stands itself. Immutable.
 */
public final class OptionGrid {
    private static final BigDecimal STEP = new BigDecimal("0.25");
    private static final int STEPS = 3;
    private static final List<Integer> USUAL_YEARS = List.of(10, 15, 20, 25, 30);
    private static final List<Integer> USUAL_PERCENTS_DOWN = List.of(5, 10, 15, 20, 25, 30);

    private final LoanOption option;
    private final Assumptions assumptions;

    /** @param assumptions with which the all-in cost is compared, and how long the loan is kept */
    public OptionGrid(LoanOption option, Assumptions assumptions) {
        this.option = option;
        this.assumptions = assumptions;
    }

    /**
     * One place of a grid.
     *
     * @param across what it stands for beside the rate: months of a term, or percent down
     * @param figures empty where the option has none there
     * @param because why it has none
     */
    public record Cell(AnnualRate rate, BigDecimal across, Optional<Figures> figures, List<Finding> because) {}

    /**
     * What the option comes to.
     *
     * @param cost all-in cost for as long as the loan is kept
     */
    public record Figures(Money payment, Money totalInterest, Money cost) {}

    /** Rates from the lowest to the highest, each over terms from the shortest to the longest; the option's own are among them. */
    public List<List<Cell>> byTerm() {
        List<LoanTerm> terms = Stream.concat(
                        USUAL_YEARS.stream().map(LoanTerm::ofYears), Stream.of(option.amortization()))
                .distinct()
                .sorted(Comparator.comparing(LoanTerm::months))
                .toList();
        return rates().stream()
                .map(rate -> terms.stream()
                        .map(term -> cell(
                                rate,
                                BigDecimal.valueOf(term.months()),
                                () -> option.withRate(rate).withAmortization(term)))
                        .toList())
                .toList();
    }

    /**
     * Rates from the lowest to the highest, each with shares down from the smallest to the largest; the option's own are among
     * them. Empty where nothing is bought.
     */
    public List<List<Cell>> byDownPayment() {
        if (!(option.financing() instanceof Financing.Purchase purchase)) {
            return List.of();
        }
        Stream<DownPayment> usual = USUAL_PERCENTS_DOWN.stream()
                .<DownPayment>map(percent -> new DownPayment.Share(Percent.of(String.valueOf(percent))))
                // The option's own may be the same money, given as an amount.
                .filter(down -> !down.of(purchase.homePrice()).equals(purchase.amountDown()));
        List<DownPayment> downs = Stream.concat(usual, Stream.of(purchase.downPayment()))
                .sorted(Comparator.comparing(down -> down.of(purchase.homePrice())))
                .toList();
        return rates().stream()
                .map(rate ->
                        downs.stream().map(down -> cell(purchase, rate, down)).toList())
                .toList();
    }

    private Cell cell(Financing.Purchase purchase, AnnualRate rate, DownPayment down) {
        Financing.Purchase other = new Financing.Purchase(purchase.homePrice(), down, purchase.appraisal());
        return cell(
                rate,
                other.percentDown().orElseThrow(),
                () -> option.withRate(rate).withFinancing(other));
    }

    private Cell cell(AnnualRate rate, BigDecimal across, Supplier<LoanOption> changed) {
        try {
            LoanOption there = changed.get();
            LoanOption asPaid = there.equals(option) ? option : there.atLevelPayment();
            OptionEvaluation figures = CaseEvaluator.evaluate(asPaid, assumptions);
            Money cost = CaseComparison.of(List.of(figures), assumptions, Optional.empty())
                    .kept(0)
                    .cost();
            return new Cell(
                    rate,
                    across,
                    Optional.of(new Figures(
                            figures.loan().schedule().payment(),
                            figures.loan().schedule().whole().interest(),
                            cost)),
                    List.of());
        } catch (CaseException none) {
            return new Cell(rate, across, Optional.empty(), none.findings());
        }
    }

    private List<AnnualRate> rates() {
        BigDecimal own = option.rate().annual().percent().value();
        List<AnnualRate> rates = new ArrayList<>();
        for (int step = -STEPS; step <= STEPS; step++) {
            BigDecimal rate = own.add(STEP.multiply(BigDecimal.valueOf(step)));
            if (rate.signum() >= 0 && rate.compareTo(AnnualRate.HIGHEST) <= 0) {
                rates.add(AnnualRate.ofPercent(rate));
            }
        }
        return rates;
    }
}
