package app.impendium.core.wish;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.RandomOptions;
import app.impendium.core.finding.CaseException;
import app.impendium.core.money.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/** What a lever's search finds, held against a coarse look at the whole of the lever's range. */
class LeverSearchTest {
    private static final int MOST_EVALUATIONS = 120;
    private static final int LOOKS = 24;

    /** In thousandths of a percent. Above it, a level payment can be its interest but for the rounding, now and then. */
    private static final long MOST_RATE = 20_000;

    /** In a term of some payments, a chosen one may leave nearly all to the last, which counts for no month. */
    private static final int LEAST_MONTHS = 60;

    @Property(tries = 100)
    void findsWhatALookAtTheWholeRangeShows(
            @ForAll("options") LoanOption option, @ForAll @IntRange(min = 30, max = 170) int percent) {
        Optional<OptionEvaluation> figures = figures(option);
        if (figures.isEmpty()) {
            return;
        }
        for (Wish wish : wishes(figures.get(), percent)) {
            for (Lever lever : Lever.values()) {
                if (lever.appliesTo(option)) {
                    assertAgrees(wish, option, lever);
                }
            }
        }
    }

    private static void assertAgrees(Wish wish, LoanOption option, Lever lever) {
        LeverSearch search = new LeverSearch(wish, option, lever);
        WishAnswer answer = search.answer();
        String about = wish + " by " + lever + " of " + option + ": " + answer;

        assertThat(search.evaluations()).as(about).isLessThanOrEqualTo(MOST_EVALUATIONS);
        if (answer instanceof WishAnswer.Found found) {
            assertIsSharp(wish, option, found, about);
        }
        for (long step : looks(option, lever)) {
            Optional<Long> excess = excess(wish, option, lever, step);
            if (excess.isPresent() && excess.get() <= -noise(option)) {
                assertIsReached(answer, lever.value(option, step), about);
            }
        }
    }

    /** A step that clearly meets the wish: it lies on the answer's side, and something was found. */
    private static void assertIsReached(WishAnswer answer, java.math.BigDecimal value, String about) {
        if (answer instanceof WishAnswer.Found found) {
            assertThat(
                            found.isLargest()
                                    ? value.compareTo(found.value())
                                    : found.value().compareTo(value))
                    .as("%s is met at %s", about, value)
                    .isLessThanOrEqualTo(0);
        } else {
            assertThat(((WishAnswer.None) answer).because())
                    .as("%s is met at %s", about, value)
                    .isEqualTo("it is met whatever this is.");
        }
    }

    private static void assertIsSharp(Wish wish, LoanOption option, WishAnswer.Found found, String about) {
        assertThat(wish.isMetBy(found.figures(), extra(option, found)))
                .as(about)
                .isTrue();
        long step = stepOf(found, option);
        long further = found.isLargest() ? step + 1 : step - 1;
        assertThat(excess(wish, option, found.lever(), further).filter(excess -> excess <= 0))
                .as("one step further: %s", about)
                .isEmpty();
    }

    /** Steps spread over what an advisor would try: fractions and multiples of where the option stands, every rate. */
    private static TreeSet<Long> looks(LoanOption option, Lever lever) {
        TreeSet<Long> steps = new TreeSet<>();
        long most = Math.min(lever.most(option), 8 * Math.max(lever.own(option), 20_000));
        for (int look = 0; look <= LOOKS; look++) {
            steps.add(lever.least(option) + Math.max(0, most - lever.least(option)) * look / LOOKS);
            steps.add(Math.max(lever.least(option), lever.own(option) * look / (LOOKS / 2)));
        }
        steps.removeIf(step -> step > lever.most(option)
                || lever == Lever.RATE && step > MOST_RATE
                || lever == Lever.TERM && lever.value(option, step).intValue() < LEAST_MONTHS);
        return steps;
    }

    /** By how much rounding alone moves total interest: half a cent a line. */
    private static long noise(LoanOption option) {
        return option.term().payments(option.frequency());
    }

    private static List<Wish> wishes(OptionEvaluation figures, int percent) {
        List<Wish> wishes = new ArrayList<>();
        long month = figures.housingCost().total().cents();
        wishes.add(new Wish.MonthlyTotal(Money.ofCents(Math.max(1, month / 100 * percent))));
        long days = java.time.temporal.ChronoUnit.DAYS.between(figures.dates().first(), figures.payoffDate());
        wishes.add(new Wish.PaidOffBy(figures.dates().first().plusDays(days * percent / 100)));
        long interest = figures.schedule().whole().interest().cents();
        wishes.add(new Wish.TotalInterest(Money.ofCents(interest / 100 * percent)));
        return wishes;
    }

    private static long stepOf(WishAnswer.Found found, LoanOption option) {
        return found.value().divide(found.lever().value(option, 1)).longValueExact();
    }

    private static Money extra(LoanOption option, WishAnswer.Found found) {
        return found.lever().extraAMonth(option, stepOf(found, option));
    }

    private static Optional<Long> excess(Wish wish, LoanOption option, Lever lever, long step) {
        try {
            OptionEvaluation figures = CaseEvaluator.evaluate(lever.applied(option, step));
            return Optional.of(wish.excess(figures, lever.extraAMonth(option, step)));
        } catch (CaseException noFigures) {
            return Optional.empty();
        }
    }

    private static Optional<OptionEvaluation> figures(LoanOption option) {
        try {
            return Optional.of(CaseEvaluator.evaluate(option));
        } catch (CaseException noFigures) {
            return Optional.empty();
        }
    }

    @Provide
    Arbitrary<LoanOption> options() {
        return RandomOptions.all();
    }
}
