package app.impendium.server.handout.compose;

import app.impendium.server.evaluation.ExtrasSavingView;
import app.impendium.server.evaluation.FeatureNoteView;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.FactsBlock;
import app.impendium.server.handout.content.FactsBlock.FactContent;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.NoteBlock;
import app.impendium.server.handout.content.SentenceBlock;
import app.impendium.server.words.Words;
import app.impendium.server.words.Writing;
import java.util.ArrayList;
import java.util.List;

/** The loan in its sentence, and what it comes to. */
final class LoanSection {
    private LoanSection() {}

    static SectionContent of(ToldCase told) {
        List<Block> blocks = new ArrayList<>();
        blocks.add(new SentenceBlock(LoanSentence.of(told)));
        blocks.add(new FactsBlock(summary(told)));
        for (FeatureNoteView note : told.figures().notes()) {
            blocks.add(new NoteBlock(words(note, told.writing())));
        }
        return new SectionContent("Your loan", blocks);
    }

    private static List<FactContent> summary(ToldCase told) {
        OptionView figures = told.figures();
        Writing writing = told.writing();
        List<FactContent> facts = new ArrayList<>();
        facts.add(fact(
                "Each payment",
                writing.amount(figures.paymentCents()),
                Words.frequency(told.option().terms().frequency())));
        facts.add(fact("Loan amount", writing.amount(figures.loanCents()), premium(told)));
        if (figures.downCents() != null) {
            facts.add(fact(
                    told.words().downPayment(),
                    writing.amount(figures.downCents()),
                    writing.ratio(figures.downPercent(), 2)));
        }
        if (figures.loanToValuePercent() != null) {
            facts.add(fact("Loan-to-value", writing.ratio(figures.loanToValuePercent(), 2), ""));
        }
        facts.add(fact("Payments", writing.entry(figures.payments() * 100L), ""));
        facts.add(fact("Paid off", writing.day(figures.payoffDate()), ""));
        facts.add(fact("Total interest", writing.amount(figures.totalInterestCents()), saved(figures, writing)));
        facts.add(fact("Total paid", writing.amount(figures.totalPaidCents()), ""));
        if (figures.annualPercentageRate() != null) {
            facts.add(fact(
                    told.words().creditCostRate(), writing.ratio(figures.annualPercentageRate(), 3), "the whole cost"));
        }
        if (told.isFull()) {
            more(told, facts);
        }
        facts.add(fact(
                told.words().cashToClose(), writing.amount(figures.cashToClose().totalCents()), ""));
        return facts;
    }

    private static void more(ToldCase told, List<FactContent> facts) {
        OptionView figures = told.figures();
        Writing writing = told.writing();
        facts.add(fact("Last payment", writing.amount(figures.lastPaymentCents()), ""));
        facts.add(fact("Effective annual rate", writing.ratio(figures.effectiveRatePercent(), 4), ""));
        if (figures.rateEnd() != null) {
            facts.add(fact(
                    "Balance on " + writing.day(figures.rateEnd().day()),
                    writing.amount(figures.rateEnd().balanceCents()),
                    "when the rate ends"));
        }
        if (figures.buydown() != null) {
            facts.add(fact("Buydown subsidy", writing.amount(figures.buydown().subsidyCents()), ""));
        }
    }

    private static String premium(ToldCase told) {
        long premium = told.figures().loanCents() - told.figures().baseLoanCents();
        return premium == 0 ? "" : "with a premium of " + told.writing().amount(premium);
    }

    private static String saved(OptionView figures, Writing writing) {
        ExtrasSavingView saving = figures.extrasSaving();
        return saving == null || saving.savedCents() <= 0
                ? ""
                : writing.amount(saving.savedCents()) + " saved by extra payments";
    }

    private static FactContent fact(String label, String value, String note) {
        return new FactContent(label, value, note);
    }

    private static String words(FeatureNoteView note, Writing writing) {
        String amount = note.cents() == null ? "" : writing.amount(note.cents());
        return switch (note.kind()) {
            case PAID_OFF_BEFORE ->
                subject(note) + " has no effect: the loan is paid off by " + writing.day(note.day()) + ".";
            case ENDS_NO_EARLIER -> "Extra payments end this loan no earlier: its last payment becomes " + amount + ".";
            case BALLOON_IS -> "The balloon payment is " + amount + ".";
            case RECALCULATED ->
                "The custom payment is recalculated to " + amount + " from " + writing.day(note.day()) + ".";
            case LAST_PAYMENT_IS -> "The custom payment leaves a balance: the last payment is " + amount + ".";
        };
    }

    private static String subject(FeatureNoteView note) {
        String of = note.pointer();
        if (of.startsWith("/features/extras")) {
            return "An extra payment";
        }
        if (of.startsWith("/features/rateChanges")) {
            return "A rate change";
        }
        return of.startsWith("/features/paymentSteps") ? "A later payment" : "A feature of the loan";
    }
}
