package app.impendium.core.afford;

import java.math.BigDecimal;
import java.util.OptionalInt;

/** When a test applies. Immutable. */
public sealed interface Condition {

    /** Whether it holds for an application; where what it asks about is not known, a lower bound fails and an upper one holds. */
    boolean holds(Facts facts);

    /** What conditions ask about. */
    enum Fact {
        /** The money left after closing, in months of housing cost. */
        RESERVES,
        SCORE,
        /** The loan in percent of the value. */
        LOAN_TO_VALUE
    }

    /** What is known of an application beside its ratios. */
    interface Facts {
        /** How a fact lies to a bound, once it is known: above, below or at it. */
        OptionalInt compare(Fact fact, BigDecimal bound);

        Underwriting underwriting();
    }

    /** A fact is at least so much. */
    record From(Fact fact, BigDecimal least) implements Condition {
        @Override
        public boolean holds(Facts facts) {
            return facts.compare(fact, least).orElse(-1) >= 0;
        }
    }

    /** A fact is at most so much. */
    record UpTo(Fact fact, BigDecimal most) implements Condition {
        @Override
        public boolean holds(Facts facts) {
            return facts.compare(fact, most).orElse(-1) <= 0;
        }
    }

    /** A fact is below so much. */
    record Below(Fact fact, BigDecimal bound) implements Condition {
        @Override
        public boolean holds(Facts facts) {
            return facts.compare(fact, bound).orElse(-1) < 0;
        }
    }

    /** A fact is above so much. */
    record Above(Fact fact, BigDecimal bound) implements Condition {
        @Override
        public boolean holds(Facts facts) {
            return facts.compare(fact, bound).orElse(-1) > 0;
        }
    }

    /** The application is decided on in this way. */
    record By(Underwriting underwriting) implements Condition {
        @Override
        public boolean holds(Facts facts) {
            return facts.underwriting() == underwriting;
        }
    }
}
