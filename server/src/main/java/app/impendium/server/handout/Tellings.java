package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
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
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.stereotype.Service;

/** Tells of a case with what its practice keeps: its limits and programmes, its templates and its letterhead. */
@Service
class Tellings {
    private final ChosenRules rules;
    private final Templates templates;
    private final Letterheads letterheads;
    private final PracticeSettings practices;
    private final Clock clock;

    Tellings(ChosenRules rules, Templates templates, Letterheads letterheads, PracticeSettings practices, Clock clock) {
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
    Telling of(SignedInAdvisor advisor, HandoutQuestion question) {
        CaseDocument document = CaseAnswers.checked(question.document());
        HandoutDocument choice = document.handout() == null ? templates.usual(advisor) : document.handout();
        return new Telling(
                document,
                question.option(),
                Titles.of(document, question.titles()),
                choice,
                rules.limits(advisor, document),
                rules.programme(advisor, document));
    }

    /** What a hand-out of today says. */
    HandoutContent composed(SignedInAdvisor advisor, Telling telling) {
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
