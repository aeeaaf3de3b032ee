package app.impendium.core.working;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.List;
import java.util.Set;

/**
 * The arithmetic of a rule over the named numbers of a working: printed as its formula, and evaluated. A percentage counts as
 * the share it is: 6 % is 0.06. Immutable.
 */
public sealed interface Expression {
    /** Digits kept while evaluating; half a cent is settled long before they end. */
    MathContext DIGITS = new MathContext(60, RoundingMode.HALF_EVEN);

    /** Its value for the numbers of a working. */
    BigDecimal evaluate(Numbers numbers);

    /** Itself in symbols. */
    String text();

    /** How tightly it binds: 1 a sum, 2 a product, 3 a power, 4 what stands alone. */
    int binding();

    /** The named numbers of one working. */
    interface Numbers {
        /** All numbers of a name, in their order; none where the working has none. */
        List<BigDecimal> of(Name name);
    }

    /** A number of the working, by the first of its names that the working has. */
    record Named(String symbol, List<Name> names) implements Expression {
        public Named {
            names = List.copyOf(names);
        }

        @Override
        public BigDecimal evaluate(Numbers numbers) {
            return names.stream()
                    .flatMap(name -> numbers.of(name).stream())
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("the working has no " + names));
        }

        @Override
        public String text() {
            return symbol;
        }

        @Override
        public int binding() {
            return 4;
        }
    }

    /** The sum of all numbers of these names; zero where the working has none. */
    record Total(String what, Set<Name> names) implements Expression {
        public Total {
            names = Set.copyOf(names);
        }

        @Override
        public BigDecimal evaluate(Numbers numbers) {
            return names.stream().flatMap(name -> numbers.of(name).stream()).reduce(BigDecimal.ZERO, BigDecimal::add);
        }

        @Override
        public String text() {
            return "Σ " + what;
        }

        @Override
        public int binding() {
            return 1;
        }
    }

    /** A number that the rule itself brings. */
    record Constant(int value) implements Expression {
        @Override
        public BigDecimal evaluate(Numbers numbers) {
            return BigDecimal.valueOf(value);
        }

        @Override
        public String text() {
            return String.valueOf(value);
        }

        @Override
        public int binding() {
            return 4;
        }
    }

    /** Two numbers put together. */
    record Combined(Expression left, Operator operator, Expression right) implements Expression {
        @Override
        public BigDecimal evaluate(Numbers numbers) {
            return operator.apply(left.evaluate(numbers), right.evaluate(numbers));
        }

        @Override
        public String text() {
            String before = left.binding() < binding() ? "(" + left.text() + ")" : left.text();
            // What follows a minus or a division sign must not be torn apart.
            boolean isLoose = right.binding() < binding() || right.binding() == binding() && operator.isOneWay();
            return before + operator.sign() + (isLoose ? "(" + right.text() + ")" : right.text());
        }

        @Override
        public int binding() {
            return operator.binding();
        }
    }

    /** The lesser of two numbers. */
    record Least(Expression one, Expression other) implements Expression {
        @Override
        public BigDecimal evaluate(Numbers numbers) {
            return one.evaluate(numbers).min(other.evaluate(numbers));
        }

        @Override
        public String text() {
            return "the lesser of " + one.text() + " and " + other.text();
        }

        @Override
        public int binding() {
            return 1;
        }
    }

    /** A number that is given a symbol of its own, explained behind the formula. */
    record Defined(String symbol, Expression definition) implements Expression {
        @Override
        public BigDecimal evaluate(Numbers numbers) {
            return definition.evaluate(numbers);
        }

        @Override
        public String text() {
            return symbol;
        }

        @Override
        public int binding() {
            return 4;
        }
    }

    /** A number of the working. */
    static Expression named(String symbol, Name... names) {
        return new Named(symbol, List.of(names));
    }

    /** The sum of all numbers of these names. */
    static Expression total(String what, Name... names) {
        return new Total(what, Set.of(names));
    }

    static Expression constant(int value) {
        return new Constant(value);
    }

    default Expression plus(Expression other) {
        return new Combined(this, Operator.PLUS, other);
    }

    default Expression minus(Expression other) {
        return new Combined(this, Operator.MINUS, other);
    }

    default Expression times(Expression other) {
        return new Combined(this, Operator.TIMES, other);
    }

    default Expression over(Expression other) {
        return new Combined(this, Operator.OVER, other);
    }

    default Expression toThe(Expression exponent) {
        return new Combined(this, Operator.POWER, exponent);
    }
}
