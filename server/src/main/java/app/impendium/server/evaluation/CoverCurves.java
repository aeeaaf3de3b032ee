package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.fit.FitLever;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rental.Cover;
import app.impendium.core.rental.LetLoan;
import app.impendium.server.evaluation.ProgrammeAnswerView.CoverPointView;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** How far the rent covers a loan, as one of price and rent moves. */
final class CoverCurves {
    private static final int LEAST_PERCENT = 60;
    private static final int MOST_PERCENT = 140;
    private static final int STEP_PERCENT = 4;
    private static final int DECIMALS = 4;
    private static final long UNIT = 100;

    private CoverCurves() {}

    /** By the price, the down payment kept as it is said; nothing where no home is bought. */
    static List<CoverPointView> byPrice(LettingCase let, Cover cover, Percent counted) {
        LoanOption option = let.option();
        FitLever lever = priceLever(option);
        if (!lever.appliesTo(option)) {
            return List.of();
        }
        return steps().mapToObj(percent -> lever.own(option) * percent / 100)
                .filter(units -> units >= lever.least(option) && units <= lever.most(option, 0))
                .map(units -> point(
                        Money.ofCents(units * UNIT), cover, () -> lever.applied(option, units), let.rent(), counted))
                .flatMap(Optional::stream)
                .toList();
    }

    /** By the rent. */
    static List<CoverPointView> byRent(LettingCase let, Cover cover, Percent counted) {
        return steps().mapToObj(percent -> Money.ofCents(let.rent().cents() * percent / 100))
                .map(rent -> point(rent, cover, let::option, rent, counted))
                .flatMap(Optional::stream)
                .toList();
    }

    /** The lever that moves the price and keeps the down payment as it is said: as a share, or as an amount. */
    static FitLever priceLever(LoanOption option) {
        boolean isShare = option.financing() instanceof Financing.Purchase purchase
                && purchase.downPayment() instanceof DownPayment.Share;
        return isShare ? FitLever.PRICE_KEEPING_SHARE : FitLever.PRICE_KEEPING_AMOUNT;
    }

    private static IntStream steps() {
        return IntStream.iterate(LEAST_PERCENT, percent -> percent <= MOST_PERCENT, percent -> percent + STEP_PERCENT);
    }

    private static Optional<CoverPointView> point(
            Money at, Cover cover, Supplier<LoanOption> option, Money rent, Percent counted) {
        try {
            return cover.ratio(LetLoan.of(option.get()), rent, counted)
                    .map(ratio -> new CoverPointView(
                            at.cents(), LettingTestView.figure(cover, ratio).setScale(DECIMALS, RoundingMode.HALF_UP)));
        } catch (CaseException noSuchLoan) {
            return Optional.empty();
        }
    }
}
