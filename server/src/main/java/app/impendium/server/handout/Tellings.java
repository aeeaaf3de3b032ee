package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.document.LetterheadDocument.DisclaimerDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.handout.compose.Composer;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.LetterheadContent;
import app.impendium.server.lending.KeptRule;
import app.impendium.server.lending.KeptRules;
import app.impendium.server.practice.PracticeSettings;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Tells of a case with what its practice keeps: its limits and programmes, its templates and its letterhead. */
@Service
class Tellings {
    private final KeptRules<LimitSetDocument> limits;
    private final KeptRules<ProgrammeDocument> programmes;
    private final Templates templates;
    private final Letterheads letterheads;
    private final PracticeSettings practices;
    private final Clock clock;

    Tellings(
            KeptRules<LimitSetDocument> limits,
            KeptRules<ProgrammeDocument> programmes,
            Templates templates,
            Letterheads letterheads,
            PracticeSettings practices,
            Clock clock) {
        this.limits = limits;
        this.programmes = programmes;
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
        CaseDocument document = question.document();
        HandoutDocument choice = document.handout() == null ? templates.usual(advisor) : document.handout();
        Market market = Market.of(document);
        return new Telling(
                document,
                question.option(),
                Titles.of(document, question.titles()),
                choice,
                chosen(limits.all(advisor), document.household().limitSet(), market, LimitSetDocument::market),
                document.letting() == null
                        ? Optional.empty()
                        : chosen(
                                programmes.all(advisor),
                                document.letting().programme(),
                                market,
                                ProgrammeDocument::market));
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

    /** The rule that the case names, if it is of its market; else the first of its market. */
    private static <D> Optional<D> chosen(
            List<KeptRule<D>> kept, String id, Market market, Function<D, Market> marketOf) {
        List<KeptRule<D>> ofMarket = kept.stream()
                .filter(rule -> marketOf.apply(rule.rule()) == market)
                .toList();
        return ofMarket.stream()
                .filter(rule -> rule.id().toString().equals(id))
                .findFirst()
                .or(() -> ofMarket.stream().findFirst())
                .map(KeptRule::rule);
    }
}
