package app.impendium.core.working;

import app.impendium.core.rate.Growth;
import java.math.BigDecimal;

/** What two numbers of an {@link Expression} are put together with. */
public enum Operator {
    PLUS(" + ", 1, false) {
        @Override
        BigDecimal apply(BigDecimal left, BigDecimal right) {
            return left.add(right);
        }
    },
    MINUS(" − ", 1, true) {
        @Override
        BigDecimal apply(BigDecimal left, BigDecimal right) {
            return left.subtract(right);
        }
    },
    TIMES(" × ", 2, false) {
        @Override
        BigDecimal apply(BigDecimal left, BigDecimal right) {
            return left.multiply(right, Expression.DIGITS);
        }
    },
    OVER(" / ", 2, true) {
        @Override
        BigDecimal apply(BigDecimal left, BigDecimal right) {
            return left.divide(right, Expression.DIGITS);
        }
    },
    POWER("^", 3, true) {
        @Override
        BigDecimal apply(BigDecimal left, BigDecimal right) {
            return Growth.toThe(left, right);
        }
    };

    private final String sign;
    private final int binding;
    private final boolean isOneWay;

    Operator(String sign, int binding, boolean isOneWay) {
        this.sign = sign;
        this.binding = binding;
        this.isOneWay = isOneWay;
    }

    abstract BigDecimal apply(BigDecimal left, BigDecimal right);

    /** As it is printed, with the space around it. */
    public String sign() {
        return sign;
    }

    int binding() {
        return binding;
    }

    /** Whether it matters which of the two stands on which side. */
    boolean isOneWay() {
        return isOneWay;
    }
}
