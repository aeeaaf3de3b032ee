package app.impendium.server.handout.compose;

import app.impendium.core.finding.CaseException;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutDocument.Detail;
import app.impendium.server.document.HandoutDocument.Private;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.AssessedView;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ComparisonView;
import app.impendium.server.evaluation.LetHomeView;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.evaluation.WorkingView;
import app.impendium.server.words.MarketWords;
import app.impendium.server.words.Writing;
import java.util.List;
import java.util.Optional;

/** A case that a hand-out tells of: what is asked, what is held against it, and the answers. */
final class ToldCase {
    private final Telling telling;
    private final HandoutDocument choice;
    private final Writing writing;
    private final CaseAnswers answers;
    private final OptionView figures;

    /** @throws CaseException if the option that it tells of has no figures */
    ToldCase(Telling telling) {
        this.telling = telling;
        this.choice = telling.choice();
        this.writing = Writing.of(telling.document());
        this.answers = new CaseAnswers(telling.document());
        this.figures = answers.option(telling.option());
    }

    CaseDocument document() {
        return telling.document();
    }

    HandoutDocument choice() {
        return choice;
    }

    Writing writing() {
        return writing;
    }

    MarketWords words() {
        return writing.words();
    }

    /** How wide its charts are, in pixels. */
    int chartWidth() {
        return telling.chartWidth();
    }

    /** Whether all is told, and not only what answers the question of a section. */
    boolean isFull() {
        return choice.detail() == Detail.FULL;
    }

    boolean leavesOut(Private what) {
        return choice.without().contains(what);
    }

    /** Whether what they owe may be told, or worked out from what else is told. */
    boolean tellsDebts() {
        return !leavesOut(Private.DEBTS) || document().debts().isEmpty();
    }

    /** The option that it tells of. */
    OptionDocument option() {
        return document().options().get(telling.option());
    }

    OptionView figures() {
        return figures;
    }

    /** Whether the case has other options beside the one that it tells of. */
    boolean isOneOfSeveral() {
        return document().options().size() > 1;
    }

    /** Whether the advisor recommends the option that it tells of. */
    boolean isRecommended() {
        return option().id().equals(document().recommended());
    }

    /** What the option that it tells of is called. */
    String title() {
        return title(telling.option());
    }

    /** What an option is called in a heading. */
    String title(int option) {
        return telling.titles().get(option);
    }

    ScheduleView schedule() {
        return answers.schedule(telling.option());
    }

    ComparisonView comparison() {
        return answers.comparison();
    }

    List<WorkingView> workings() {
        return answers.workings(telling.option());
    }

    /** The limit set that the case is looked at with; none where the practice has none of its market. */
    Optional<LimitSetDocument> limits() {
        return telling.limits();
    }

    AssessedView heldAgainst(LimitSetDocument limits) {
        return answers.affordability(telling.option(), limits);
    }

    /** The programme that a let home is looked at with; none where the practice has none of its market. */
    Optional<ProgrammeDocument> programme() {
        return telling.programme();
    }

    LetHomeView letting() {
        return answers.letting(telling.option(), programme());
    }
}
