package app.impendium.server.handout.compose;

import app.impendium.server.document.Convention.Measure;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.evaluation.ReadingView;
import app.impendium.server.words.Writing;
import java.math.BigDecimal;
import java.util.Locale;

/** What a test of a limit set says, in words. */
record ReadingWords(ReadingView reading, LimitSetDocument limits, Writing writing) {
    private static final int LEAST_DECIMALS = 2;

    /** What it measures. */
    String name() {
        return switch (reading.measure()) {
            case FRONT_END -> capital(limits.frontName());
            case BACK_END -> capital(limits.backName());
            case LOAN_TO_INCOME -> "Loan to yearly income";
            case DEBT_TO_INCOME -> "All debts to yearly income";
            case RESIDUAL_INCOME -> "Left over a month";
            case LOAN_TO_VALUE -> "Loan to value";
            case RESERVES -> "Months in reserve";
            case SCORE -> "Credit score";
        };
    }

    /** What is allowed: at most 45 %. */
    String limit() {
        if (reading.limit() == null) {
            return "";
        }
        Measure measure = reading.measure();
        boolean isLeast = measure == Measure.RESIDUAL_INCOME || measure == Measure.RESERVES || measure == Measure.SCORE;
        String figure = isPercent() ? writing.percent(reading.limit()) : figure(reading.limit());
        return (isLeast ? "at least " : "at most ") + figure;
    }

    /** What the loan comes to; empty where that cannot be told. */
    String reached() {
        return reading.reached() == null ? "" : figure(reading.reached());
    }

    /** Whether it is met, and by how much. */
    String verdict() {
        if (reading.unknown() != null) {
            return unknown();
        }
        long spare = reading.spareCents();
        if (spare == 0) {
            return "met exactly";
        }
        String size = writing.amount(Math.abs(spare));
        return switch (reading.measure()) {
            case RESIDUAL_INCOME -> spare < 0 ? "short by " + size + " a month" : "met, " + size + " a month to spare";
            case FRONT_END, BACK_END ->
                spare < 0 ? "over by " + size + " a month" : "met, " + size + " a month to spare";
            case LOAN_TO_INCOME, DEBT_TO_INCOME, LOAN_TO_VALUE ->
                spare < 0 ? "loan over by " + size : "met, " + size + " more allowed";
            case RESERVES -> spare < 0 ? "short by " + size : "met, " + size + " to spare";
            case SCORE -> spare < 0 ? Math.abs(spare) + " points short" : "met, " + spare + " points to spare";
        };
    }

    /** Whether it is met, and nothing more. */
    String verdictAlone() {
        return reading.unknown() != null ? unknown() : reading.isMet() ? "met" : "not met";
    }

    private String unknown() {
        return "not assessed: "
                + switch (reading.unknown()) {
                    case NO_INCOME -> "no income given";
                    case NO_SCORE -> "no score given";
                    case NO_VALUE -> "no value of the home given";
                    case NO_REGION -> "no region of the table given";
                    case NO_LIVING_COSTS -> "no income tax or upkeep given";
                };
    }

    private boolean isPercent() {
        return switch (reading.measure()) {
            case FRONT_END, BACK_END, LOAN_TO_VALUE -> true;
            default -> false;
        };
    }

    private String figure(BigDecimal value) {
        int decimals = Math.max(LEAST_DECIMALS, value.stripTrailingZeros().scale());
        return switch (reading.measure()) {
            case FRONT_END, BACK_END, LOAN_TO_VALUE -> writing.ratio(value, decimals);
            case LOAN_TO_INCOME, DEBT_TO_INCOME -> value.setScale(decimals).toPlainString() + " times";
            case RESIDUAL_INCOME -> writing.amount(value.movePointRight(2).longValue());
            case RESERVES -> value.setScale(decimals).toPlainString() + " months";
            case SCORE -> value.stripTrailingZeros().toPlainString();
        };
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
