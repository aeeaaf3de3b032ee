package app.impendium.server.handout.compose;

import app.impendium.core.finding.CaseException;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutDocument.Private;
import app.impendium.server.document.HandoutDocument.SectionKind;
import app.impendium.server.document.Market;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.handout.content.HandoutContent.Paper;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Predicate;

/** Composes what a hand-out says. The same case, choice and limits say the same on any machine. */
public final class Composer {
    private Composer() {}

    /**
     * What a hand-out says.
     *
     * @param day when it is handed out
     * @param disclaimer what the practice says below every hand-out of the case's market
     * @throws CaseException if the option that it tells of has no figures
     */
    public static HandoutContent compose(
            Telling telling, LetterheadContent letterhead, LocalDate day, String disclaimer) {
        ToldCase told = new ToldCase(telling);
        CaseDocument document = telling.document();
        HandoutDocument choice = telling.choice();
        return new HandoutContent(
                HandoutContent.FORMAT,
                told.writing().languageTag(),
                Paper.of(Market.of(document)),
                letterhead,
                document.title(),
                told.leavesOut(Private.NAMES) ? "" : orElse(choice.preparedFor(), document.clients()),
                day,
                orElse(choice.greeting(), ""),
                sections(told, kind -> kind != SectionKind.WORKINGS),
                orElse(choice.closing(), ""),
                disclaimer,
                sections(told, kind -> kind == SectionKind.WORKINGS));
    }

    private static List<SectionContent> sections(ToldCase told, Predicate<SectionKind> isWanted) {
        return told.choice().sections().stream()
                .filter(isWanted)
                .filter(kind -> hasSomethingToTell(kind, told.document()))
                .map(kind -> section(kind, told))
                .toList();
    }

    private static boolean hasSomethingToTell(SectionKind kind, CaseDocument document) {
        return switch (kind) {
            case AFFORDABILITY ->
                !document.household().incomes().isEmpty() || !document.debts().isEmpty();
            case RENTAL -> document.letting() != null && document.letting().rentCents() != null;
            default -> true;
        };
    }

    /** A section of one loan says which, where the case has several. */
    private static SectionContent section(SectionKind kind, ToldCase told) {
        SectionContent section = content(kind, told);
        boolean isOfOneLoan = kind != SectionKind.OPTIONS && kind != SectionKind.ASSUMPTIONS;
        return isOfOneLoan && told.isOneOfSeveral()
                ? new SectionContent(section.heading() + ": " + told.title(), section.blocks())
                : section;
    }

    private static SectionContent content(SectionKind kind, ToldCase told) {
        return switch (kind) {
            case LOAN -> LoanSection.of(told);
            case MONTHLY_COST -> MonthlyCostSection.of(told);
            case OPTIONS -> OptionsSection.of(told);
            case AFFORDABILITY -> AffordabilitySection.of(told);
            case RENTAL -> RentalSection.of(told);
            case LIFELINE -> LifelineSection.of(told);
            case SCHEDULE -> ScheduleSection.of(told);
            case ASSUMPTIONS -> AssumptionsSection.of(told);
            case WORKINGS -> WorkingsSection.of(told);
        };
    }

    private static String orElse(String given, String usual) {
        return given == null ? usual : given;
    }
}
