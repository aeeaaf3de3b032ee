package app.impendium.server.workbook;

import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Percent;
import app.impendium.core.working.Name;
import app.impendium.core.working.Rounding;

/** Level payments of an option's loan as a spreadsheet writes them, rounding included. */
final class LevelPayments {
    private final LoanTerms terms;
    private final OptionNames names;

    LevelPayments(LoanTerms terms, OptionNames names) {
        this.terms = terms;
        this.names = names;
    }

    /** The monthly payment that an accelerated one is a share of. */
    String monthlyPayment() {
        return level(rate(names.of(Name.INTEREST_RATE), "12"), repaying() + "*12/" + names.of(Name.PAYMENTS_PER_YEAR));
    }

    /** What the clients pay in a year of a temporary buydown: the payment at a rate that is so much lower. */
    String reducedPayment(Percent reduction) {
        String reduced = "(" + names.of(Name.INTEREST_RATE) + "-"
                + reduction.value().movePointLeft(2).toPlainString() + ")";
        return level(rate(reduced, names.of(Name.PAYMENTS_PER_YEAR)), repaying());
    }

    private String repaying() {
        return "(" + names.of(Name.PAYMENTS_AGREED) + "-" + terms.features().interestOnlyPayments() + ")";
    }

    private String rate(String yearly, String perYear) {
        String compoundings = names.of(Name.COMPOUNDINGS_PER_YEAR);
        return "((1+" + yearly + "/" + compoundings + ")^(" + compoundings + "/" + perYear + ")-1)";
    }

    private String level(String rate, String payments) {
        String discount = "(1+" + rate + ")^-(" + payments + ")";
        String repaid = names.of(Name.LOAN) + "-" + names.of(Name.BALANCE_AT_END);
        String exact = "IF(" + rate + "=0,(" + repaid + ")/(" + payments + "),(" + repaid + "*" + discount + ")*" + rate
                + "/(1-" + discount + "))";
        boolean isUp = terms.rounding() == PaymentRounding.UP_TO_CENT;
        return Cents.rounded(exact, isUp ? Rounding.UP_TO_CENT : Rounding.NEAREST_CENT);
    }

    /** The payment at the loan's own rate, whether that is zero or not. */
    String regularPayment() {
        return level(names.of(Name.RATE_PER_PAYMENT), repaying());
    }
}
