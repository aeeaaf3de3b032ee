package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.casefile.CaseView;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutTemplateDocument;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.document.LetterheadDocument.DisclaimerDocument;
import app.impendium.server.document.Market;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.handout.compose.Composer;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.lending.ChosenRules;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;

/** Tells of a case with what its practice keeps: its limits and programmes, its templates and its letterhead. */
@Service
public class Tellings {
    private final CaseStore cases;
    private final ChosenRules rules;
    private final KeptItems<HandoutTemplateDocument> templates;
    private final Letterheads letterheads;
    private final PracticeSettings practices;
    private final Clock clock;

    Tellings(
            CaseStore cases,
            ChosenRules rules,
            KeptItems<HandoutTemplateDocument> templates,
            Letterheads letterheads,
            PracticeSettings practices,
            Clock clock) {
        this.cases = cases;
        this.rules = rules;
        this.templates = templates;
        this.letterheads = letterheads;
        this.practices = practices;
        this.clock = clock;
    }

    /**
     * What is asked, with the rules of the practice that the case is looked at with.
     *
     * @throws app.impendium.core.finding.CaseException if a title is none
     */
    public Telling of(SignedInAdvisor advisor, HandoutQuestion question) {
        CaseDocument document = CaseAnswers.checked(question.document());
        HandoutDocument choice = document.handout() == null ? usual(advisor) : document.handout();
        return new Telling(
                document,
                MainOption.of(document),
                Titles.of(document, question.titles()),
                choice,
                rules.limits(advisor, document),
                rules.programme(advisor, document),
                Telling.PAPER_WIDTH);
    }

    /**
     * What is asked of a case as it is saved.
     *
     * @param seenRevision the state of the case that whoever asks has seen
     * @param titles what the options are called
     * @throws RefusedException if the practice has no such case, or it was saved since
     * @throws app.impendium.core.finding.CaseException if a title is none
     */
    public Telling ofSaved(SignedInAdvisor advisor, UUID caseId, int seenRevision, List<String> titles) {
        CaseView saved = cases.read(advisor, caseId);
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this case after you opened it. Look at it again before you hand it out.");
        }
        return of(advisor, new HandoutQuestion(saved.document(), titles));
    }

    /** What a hand-out says where a case does not say it: as the practice's first template, else as is usual. */
    private HandoutDocument usual(SignedInAdvisor advisor) {
        return templates.all(advisor).stream()
                .findFirst()
                .map(kept -> kept.value().says())
                .orElse(HandoutDocument.USUAL);
    }

    /** What a hand-out of today says. */
    public HandoutContent composed(SignedInAdvisor advisor, Telling telling) {
        LetterheadDocument letterhead = letterheads.of(advisor);
        Market market = Market.of(telling.document());
        String disclaimer = letterhead.disclaimers().stream()
                .filter(each -> each.market() == market)
                .map(DisclaimerDocument::text)
                .findFirst()
                .orElse("");
        return Composer.compose(
                telling,
                new LetterheadContent(letterhead.name(), letterhead.address(), letterhead.logo()),
                LocalDate.now(clock.withZone(practices.timeZone(advisor))),
                disclaimer);
    }
}
