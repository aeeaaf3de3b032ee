package app.impendium.server.handout.compose;

import app.impendium.server.document.AmountOrShare;
import app.impendium.server.document.BuydownDocument;
import app.impendium.server.document.Convention.ExtraEffect;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.EstimateDocument;
import app.impendium.server.document.ExtraDocument;
import app.impendium.server.document.FeaturesDocument;
import app.impendium.server.document.LettingDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.PaymentStepDocument;
import app.impendium.server.document.PurchaseDocument;
import app.impendium.server.document.RateChangeDocument;
import app.impendium.server.document.RefinancingDocument;
import app.impendium.server.document.UpfrontPremiumDocument;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.words.Words;
import app.impendium.server.words.Writing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A loan in a sentence, as the screens say it. */
final class LoanSentence {
    private static final int MONTHS_PER_YEAR = 12;
    private static final List<String> YEARS = List.of("", "first year", "first two years", "first three years");

    private final ToldCase told;
    private final OptionDocument option;
    private final OptionView figures;
    private final List<DebtDocument> debts;
    private final Writing writing;

    private LoanSentence(ToldCase told) {
        this.told = told;
        this.option = told.option();
        this.figures = told.figures();
        this.debts = told.document().debts();
        this.writing = told.writing();
    }

    static String of(ToldCase told) {
        return new LoanSentence(told).text();
    }

    private String text() {
        List<String> clauses = new ArrayList<>();
        clauses.add(financed() + writing.entry(figures.baseLoanCents()) + " at "
                + writing.percent(option.terms().ratePercent()) + " over "
                + writing.term(option.terms().amortizationMonths()) + ", paid "
                + Words.frequency(option.terms().frequency()) + " from " + writing.day(figures.firstPaymentDate()));
        if (option.terms().rateTermMonths() != null) {
            clauses.add(writing.words().rateTerm() + " "
                    + writing.term(option.terms().rateTermMonths()));
        }
        UpfrontPremiumDocument premium = option.closing().upfrontPremium();
        if (premium != null) {
            clauses.add("with a premium of " + writing.percent(premium.percent())
                    + (premium.financed() ? " added to the loan" : " paid upfront"));
        }
        features(option.features(), clauses);
        LettingDocument letting = told.document().letting();
        if (letting != null) {
            clauses.add(LettingWords.let(letting, writing));
        }
        return String.join(", ", clauses) + ".";
    }

    private String financed() {
        return option.financing().match(this::bought, loanOnly -> "Borrowing ", this::refinanced);
    }

    private String bought(PurchaseDocument purchase) {
        String appraised = purchase.appraisalCents() == null
                ? ""
                : " (" + appraised(purchase.appraisalEstimate()) + " " + writing.entry(purchase.appraisalCents()) + ")";
        return "Buying for " + writing.entry(purchase.priceCents()) + appraised + " with " + share(purchase.down())
                + " " + writing.words().down() + ", borrowing ";
    }

    private static String appraised(EstimateDocument estimate) {
        return estimate == null ? "appraised at" : Estimates.words(estimate) + " of";
    }

    private String refinanced(RefinancingDocument refinancing) {
        if (!told.tellsDebts() && !refinancing.debtsPaidOff().isEmpty()) {
            return "Paying off the present loan and other debts, borrowing ";
        }
        StringBuilder said = new StringBuilder("Paying off " + writing.entry(refinancing.balanceCents()) + " ");
        if (refinancing.valueCents() != null) {
            String estimated =
                    refinancing.valueEstimate() == null ? "" : Estimates.words(refinancing.valueEstimate()) + " ";
            said.append("on a home worth ").append(estimated).append(writing.entry(refinancing.valueCents()) + " ");
        }
        for (String id : refinancing.debtsPaidOff()) {
            debts.stream()
                    .filter(debt -> debt.id().equals(id))
                    .forEach(debt -> said.append("and " + debt.name() + " " + balance(debt) + " "));
        }
        if (refinancing.cashOutCents() != null) {
            said.append("with " + writing.entry(refinancing.cashOutCents()) + " cash out, ");
        }
        boolean isFinanced = Boolean.TRUE.equals(refinancing.costsFinanced());
        return said.append(isFinanced ? "with costs added to the loan" : "with costs paid in cash") + ", borrowing ";
    }

    private String balance(DebtDocument debt) {
        return writing.entry(debt.balanceCents() == null ? 0 : debt.balanceCents());
    }

    private void features(FeaturesDocument features, List<String> clauses) {
        if (features.interestOnlyPayments() != null) {
            int months = features.interestOnlyPayments() * MONTHS_PER_YEAR / figures.paymentsPerYear();
            clauses.add("the first " + writing.term(months) + " interest-only");
        }
        if (features.paymentCents() != null) {
            clauses.add("paying " + writing.entry(features.paymentCents()) + " each time");
        }
        for (PaymentStepDocument step : features.paymentSteps()) {
            clauses.add(
                    "then paying " + writing.entry(step.cents()) + " from " + time(step.fromPayment(), step.fromDay()));
        }
        if (features.buydown() != null) {
            clauses.add(boughtDown(features.buydown()));
        }
        for (RateChangeDocument change : features.rateChanges()) {
            clauses.add("then at " + writing.percent(change.ratePercent()) + " from "
                    + time(change.fromPayment(), change.fromDay()));
        }
        for (ExtraDocument extra : features.extras()) {
            clauses.add(extra(extra));
        }
        if (!features.extras().isEmpty()) {
            clauses.add(
                    features.extraEffect() == ExtraEffect.RECAST
                            ? "which lowers the payments after it"
                            : "which ends the loan early");
        }
        if (features.balloonCents() != null) {
            clauses.add("with a balloon payment of " + writing.entry(features.balloonCents()) + " at the end");
        }
    }

    private String boughtDown(BuydownDocument buydown) {
        String reductions =
                buydown.reductionsPercent().stream().map(writing::percent).collect(Collectors.joining(", "));
        String payer = switch (buydown.paidBy()) {
            case BUYER -> "the buyer";
            case SELLER -> "the seller";
            case LENDER -> "the lender";
        };
        return "bought down by " + reductions + " in the "
                + YEARS.get(buydown.reductionsPercent().size()) + " by " + payer;
    }

    private String extra(ExtraDocument extra) {
        String amount = "plus " + writing.entry(extra.cents());
        if (extra.how() == ExtraDocument.How.ONCE) {
            return amount + " once " + (extra.firstDay() == null ? "with " : isMonth(extra.firstDay()) ? "in " : "on ")
                    + time(extra.firstPayment(), extra.firstDay());
        }
        String how = extra.how() == ExtraDocument.How.EACH_PAYMENT ? " with each payment" : " once a year";
        return amount + how + " from " + time(extra.firstPayment(), extra.firstDay()) + " until "
                + end(extra.lastPayment(), extra.lastDay());
    }

    private String time(Integer payment, LocalDate day) {
        if (day == null) {
            return "payment " + payment;
        }
        return isMonth(day) ? writing.month(day) : writing.day(day);
    }

    private String end(Integer payment, LocalDate day) {
        if (day == null) {
            return payment == null ? "the end" : "payment " + payment;
        }
        return day.getDayOfMonth() == day.lengthOfMonth() ? writing.month(day) : writing.day(day);
    }

    private static boolean isMonth(LocalDate day) {
        return day.getDayOfMonth() == 1;
    }

    private String share(AmountOrShare given) {
        return given.percent() == null ? writing.entry(given.cents()) : writing.percent(given.percent());
    }
}
