package app.impendium.server.handout.compose;

import app.impendium.server.document.Convention.Cover;
import app.impendium.server.document.Convention.LettingBasis;
import app.impendium.server.document.LettingDocument;
import app.impendium.server.words.Writing;
import java.math.BigDecimal;

/** How a let home is spoken of. */
final class LettingWords {
    private static final int LEAST_DECIMALS = 2;

    private LettingWords() {}

    /** How it is let, and for what: let long-term for 1,975 a month. */
    static String let(LettingDocument letting, Writing writing) {
        String rent = letting.rentCents() == null ? "no rent yet" : writing.entry(letting.rentCents());
        String estimated = letting.rentEstimate() == null ? "" : " (" + Estimates.words(letting.rentEstimate()) + ")";
        return "let " + basis(letting.basis()) + " for " + rent + estimated + " a month";
    }

    static String basis(LettingBasis basis) {
        return switch (basis) {
            case LONG -> "long-term";
            case SHORT -> "short-term";
            case BY_ROOM -> "by the room";
        };
    }

    /** A cover with its unit and every digit it is given with: 1.04 times, 138.93 %. */
    static String cover(BigDecimal cover, Cover unit) {
        String digits =
                cover.scale() < LEAST_DECIMALS ? cover.setScale(LEAST_DECIMALS).toPlainString() : cover.toPlainString();
        return digits + (unit == Cover.INTEREST ? "\u00a0%" : " times");
    }
}
