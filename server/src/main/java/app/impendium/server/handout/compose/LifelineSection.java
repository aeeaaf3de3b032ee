package app.impendium.server.handout.compose;

import app.impendium.core.Milestone;
import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.handout.content.Block;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.SentenceBlock;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.words.Words;
import app.impendium.server.words.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The loan's life from the first to the last payment, and what happens in it. */
final class LifelineSection {
    private LifelineSection() {}

    static SectionContent of(ToldCase told) {
        Writing writing = told.writing();
        ScheduleView schedule = told.schedule();
        List<Block> blocks = new ArrayList<>();
        blocks.add(new SentenceBlock("From " + writing.month(told.figures().firstPaymentDate()) + " to "
                + writing.month(told.figures().payoffDate()) + ", "
                + writing.amount(told.figures().totalPaidCents()) + " is paid: "
                + writing.amount(told.figures().loanCents()) + " of it repays the loan, "
                + writing.amount(told.figures().totalInterestCents()) + " is interest."));
        blocks.add(LifeChart.payments(told, schedule));
        if (told.isFull()) {
            blocks.add(LifeChart.balance(told, schedule));
        }
        if (!schedule.milestones().isEmpty()) {
            blocks.add(events(told, schedule));
        }
        return new SectionContent("The loan’s life", blocks);
    }

    private static TableBlock events(ToldCase told, ScheduleView schedule) {
        Writing writing = told.writing();
        return new TableBlock(
                "What happens on the way",
                List.of(
                        new ColumnContent("", false),
                        new ColumnContent("Day", false),
                        new ColumnContent("Payment", true),
                        new ColumnContent("Balance after", true)),
                schedule.milestones().stream()
                        .map(milestone -> TableBlock.row(List.of(
                                sentenceCase(words(told, milestone)),
                                writing.day(schedule.dates().get(milestone.payment() - 1)),
                                String.valueOf(milestone.payment()),
                                writing.amount(schedule.balanceCents().get(milestone.payment())))))
                        .toList());
    }

    private static String words(ToldCase told, Milestone milestone) {
        return milestone.kind() == Milestone.Kind.INSURANCE_ENDS
                ? told.words().mortgageInsurance().toLowerCase(Locale.ROOT) + " ends"
                : Words.milestone(milestone.kind());
    }

    private static String sentenceCase(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
