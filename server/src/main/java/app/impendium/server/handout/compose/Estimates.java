package app.impendium.server.handout.compose;

import app.impendium.server.document.EstimateDocument;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.NoteBlock;
import app.impendium.server.words.Writing;
import java.util.ArrayList;
import java.util.List;

/** Figures of a case that were estimated outside, and how that is told. */
final class Estimates {
    private Estimates() {}

    /** What an estimate is called beside its figure. */
    static String words(EstimateDocument estimate) {
        return Boolean.TRUE.equals(estimate.simulated()) ? "simulated estimate" : "estimate";
    }

    /** What is said in brackets beside a figure; empty where it was typed. */
    static String beside(EstimateDocument estimate) {
        return estimate == null ? "" : words(estimate);
    }

    /** Each estimate that the case still counts with, with its source, day and range. */
    static List<Block> notes(ToldCase told) {
        List<Block> notes = new ArrayList<>();
        told.option()
                .financing()
                .<EstimateDocument>match(
                        purchase -> note("Value", purchase.appraisalEstimate(), told, notes),
                        loanOnly -> null,
                        refinancing -> note("Value", refinancing.valueEstimate(), told, notes));
        note(told.words().propertyTax(), told.option().housing().propertyTaxEstimate(), told, notes);
        note("Home insurance", told.option().housing().homeInsuranceEstimate(), told, notes);
        if (told.document().letting() != null) {
            note("Rent", told.document().letting().rentEstimate(), told, notes);
        }
        return notes;
    }

    private static EstimateDocument note(String figure, EstimateDocument estimate, ToldCase told, List<Block> notes) {
        if (estimate != null) {
            Writing writing = told.writing();
            notes.add(new NoteBlock(figure + " is " + (Boolean.TRUE.equals(estimate.simulated()) ? "a " : "an ")
                    + words(estimate) + " by " + estimate.source() + " of "
                    + writing.day(estimate.day()) + ", between " + writing.entry(estimate.lowCents()) + " and "
                    + writing.entry(estimate.highCents()) + "."));
        }
        return estimate;
    }
}
