package app.impendium.server.document;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * What a hand-out of the case says, and to whom. What is absent is not said.
 *
 * @param preparedFor who it is for, at most 200 characters; absent for the case's clients
 * @param sections what it holds, in this order, each at most once
 * @param detail how much of each section
 * @param scheduleBy what a line of the schedule is
 * @param without what it leaves out for privacy
 * @param greeting what it begins with, at most 2,000 characters
 * @param closing what it ends with, at most 2,000 characters
 */
public record HandoutDocument(
        @Schema(nullable = true) String preparedFor,
        List<SectionKind> sections,
        Detail detail,
        ScheduleBy scheduleBy,
        List<Private> without,
        @Schema(nullable = true) String greeting,
        @Schema(nullable = true) String closing) {
    /** What is said where a case says nothing of its hand-out. */
    public static final HandoutDocument USUAL = new HandoutDocument(
            null,
            List.of(
                    SectionKind.LOAN,
                    SectionKind.MONTHLY_COST,
                    SectionKind.OPTIONS,
                    SectionKind.AFFORDABILITY,
                    SectionKind.RENTAL,
                    SectionKind.LIFELINE,
                    SectionKind.SCHEDULE,
                    SectionKind.ASSUMPTIONS),
            Detail.FULL,
            ScheduleBy.YEAR,
            List.of(),
            null,
            null);

    /** What is not sent is as usual, lists that are not sent are empty. */
    public HandoutDocument {
        sections = sections == null ? List.of() : sections;
        detail = detail == null ? Detail.FULL : detail;
        scheduleBy = scheduleBy == null ? ScheduleBy.YEAR : scheduleBy;
        without = without == null ? List.of() : without;
    }

    /** What a hand-out can hold. */
    public enum SectionKind {
        LOAN,
        MONTHLY_COST,
        OPTIONS,
        AFFORDABILITY,
        RENTAL,
        LIFELINE,
        SCHEDULE,
        ASSUMPTIONS,
        WORKINGS
    }

    /** How much a section says: what answers its question, or all of it. */
    public enum Detail {
        BRIEF,
        FULL
    }

    /** What a line of the schedule is. */
    public enum ScheduleBy {
        YEAR,
        PAYMENT
    }

    /** What a hand-out can leave out. */
    public enum Private {
        NAMES,
        INCOMES,
        DEBTS
    }
}
