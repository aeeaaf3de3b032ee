package app.impendium.server.casefile;

import app.impendium.server.evaluation.LoanDay;
import app.impendium.server.problem.RefusedException;
import java.util.UUID;
import org.springframework.http.HttpStatus;

/**
 * Which cases are listed, and in which order. What is not said leaves none out.
 *
 * @param search words that title and clients contain, in any order
 * @param shelf where they lie; without it, the open ones
 * @param client whose they are
 * @param advisor who looks after them
 * @param limits how they stand against the practice's limit sets
 * @param next what comes next
 * @param nextWithinDays in how many days it comes at the latest
 * @param paymentFromCents the least that the home costs in the first month
 * @param paymentToCents the most that it costs
 * @param sort by what; without it, the latest saved first
 */
public record CaseFilter(
        String search,
        Shelf shelf,
        UUID client,
        UUID advisor,
        Limits limits,
        LoanDay.Kind next,
        Integer nextWithinDays,
        Long paymentFromCents,
        Long paymentToCents,
        Sort sort) {
    private static final int MOST_DAYS = 36_500;

    public CaseFilter {
        search = search == null ? "" : search;
        shelf = shelf == null ? Shelf.OPEN : shelf;
        sort = sort == null ? Sort.SAVED : sort;
    }

    /** @throws RefusedException if no day can be as far ahead */
    void check() {
        if (nextWithinDays != null && (nextWithinDays < 0 || nextWithinDays > MOST_DAYS)) {
            throw new RefusedException(
                    HttpStatus.BAD_REQUEST,
                    "No such days",
                    "nextWithinDays is from 0 to " + MOST_DAYS + ", but was " + nextWithinDays + ".");
        }
    }

    /** How a case stands against the limit sets of its market. */
    public enum Limits {
        /** It keeps to all of them. */
        ALL_MET("c.limit_sets_met = c.limit_sets"),
        /** It keeps to some. */
        SOME_MET("c.limit_sets_met > 0 and c.limit_sets_met < c.limit_sets"),
        /** It keeps to none. */
        NONE_MET("c.limit_sets_met = 0"),
        /** Nobody's income is known, or there is no set. */
        UNKNOWN("c.limit_sets is null");

        private final String condition;

        Limits(String condition) {
            this.condition = condition;
        }

        String condition() {
            return condition;
        }
    }

    /** What comes first in a list. */
    public enum Sort {
        /** The latest saved. */
        SAVED("c.saved_at desc"),
        /** What has its next day soonest. */
        NEXT_DAY(NextDay.DAY + " nulls last, c.saved_at desc"),
        /** What costs most a month. */
        PAYMENT("c.monthly_cost_cents desc"),
        /** What keeps to the fewest of its limit sets; what is not known comes last. */
        LIMITS("c.limit_sets_met::float / c.limit_sets nulls last, c.saved_at desc"),
        /** By title. */
        TITLE("plain_words(c.title)"),
        /** By who looks after them. */
        ADVISOR("a.name nulls last, c.saved_at desc");

        private final String order;

        Sort(String order) {
            this.order = order;
        }

        String order() {
            return order + ", c.id";
        }
    }
}
