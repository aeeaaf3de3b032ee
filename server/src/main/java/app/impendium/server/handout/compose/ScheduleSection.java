package app.impendium.server.handout.compose;

import app.impendium.server.document.HandoutDocument.ScheduleBy;
import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.evaluation.ScheduleView.ReconciliationView;
import app.impendium.server.evaluation.YearView;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.handout.content.TableBlock;
import app.impendium.server.handout.content.TableBlock.ColumnContent;
import app.impendium.server.handout.content.TableBlock.RowContent;
import app.impendium.server.handout.content.TextBlock;
import app.impendium.server.words.Writing;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** How the loan is paid off, by year or by payment, and what shows that it is right. */
final class ScheduleSection {
    private ScheduleSection() {}

    static SectionContent of(ToldCase told) {
        ScheduleView schedule = told.schedule();
        TableBlock lines = told.choice().scheduleBy() == ScheduleBy.YEAR ? byYear(told) : byPayment(told, schedule);
        return new SectionContent("Schedule", List.of(lines, new TextBlock(proof(told, schedule.reconciliation()))));
    }

    private static TableBlock byYear(ToldCase told) {
        Writing writing = told.writing();
        List<RowContent> rows = new ArrayList<>();
        for (YearView year : told.figures().years()) {
            rows.add(TableBlock.row(List.of(
                    String.valueOf(year.year()),
                    payments(year),
                    writing.amount(year.interestCents() + year.principalCents()),
                    writing.amount(year.interestCents()),
                    writing.amount(year.principalCents()),
                    writing.amount(year.balanceCents()))));
        }
        rows.add(new RowContent(
                List.of(
                        "In all",
                        "",
                        writing.amount(told.figures().totalPaidCents()),
                        writing.amount(told.figures().totalInterestCents()),
                        writing.amount(told.figures().loanCents()),
                        ""),
                true));
        return new TableBlock(
                "The loan by calendar year",
                List.of(
                        new ColumnContent("Year", false),
                        new ColumnContent("Payments", false),
                        new ColumnContent("Paid", true),
                        new ColumnContent("Interest", true),
                        new ColumnContent("Principal", true),
                        new ColumnContent("Balance after", true)),
                rows);
    }

    private static String payments(YearView year) {
        return year.firstPayment() == year.lastPayment()
                ? String.valueOf(year.firstPayment())
                : year.firstPayment() + " to " + year.lastPayment();
    }

    private static TableBlock byPayment(ToldCase told, ScheduleView schedule) {
        Writing writing = told.writing();
        boolean hasExtras = schedule.extraCents().stream().anyMatch(cents -> cents > 0);
        List<ColumnContent> head = new ArrayList<>(List.of(
                new ColumnContent("Payment", false),
                new ColumnContent("Day", false),
                new ColumnContent("Amount", true),
                new ColumnContent("Interest", true),
                new ColumnContent("Principal", true)));
        if (hasExtras) {
            head.add(new ColumnContent("Extra", true));
        }
        head.add(new ColumnContent("Balance after", true));
        List<RowContent> rows = IntStream.range(1, schedule.balanceCents().size())
                .mapToObj(line -> TableBlock.row(line(writing, schedule, line, hasExtras)))
                .toList();
        return new TableBlock("The loan payment by payment", head, rows);
    }

    private static List<String> line(Writing writing, ScheduleView schedule, int line, boolean hasExtras) {
        List<String> cells = new ArrayList<>(List.of(
                String.valueOf(line),
                writing.day(schedule.dates().get(line - 1)),
                writing.amount(schedule.paymentCents().get(line)),
                writing.amount(schedule.interestCents().get(line)),
                writing.amount(schedule.principalCents().get(line))));
        if (hasExtras) {
            cells.add(writing.amount(schedule.extraCents().get(line)));
        }
        cells.add(writing.amount(schedule.balanceCents().get(line)));
        return cells;
    }

    private static String proof(ToldCase told, ReconciliationView proof) {
        Writing writing = told.writing();
        return "Proof: the principal of all lines is " + writing.amount(proof.principalCents())
                + ", the amount borrowed "
                + writing.amount(proof.borrowedCents()) + ", and the final balance "
                + writing.amount(proof.closingBalanceCents()) + ".";
    }
}
