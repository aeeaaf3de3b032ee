package app.impendium.server.evaluation;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.rental.BasisTerms;
import app.impendium.core.rental.LettingWorkings;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.problem.Calculates;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tells whether the rent of a let home carries its loan, without keeping anything of it. */
@Calculates
@RestController
class LettingController {
    private static final Percent ALL = Percent.of("100");

    /**
     * A case whose home is let, and the programmes that it is held against.
     *
     * @param programmes at most fifty
     * @param chosen the place of the programme that is looked at, from 0; left out of account where there is none
     * @param table the rates on offer; absent for none
     */
    record LettingQuestion(
            CaseDocument document,
            List<ProgrammeDocument> programmes,
            int chosen,
            @Schema(nullable = true) RateTableDocument table) {
        LettingQuestion {
            programmes = programmes == null ? List.of() : programmes;
        }
    }

    /**
     * Whether the rent carries the loan of an option, what a programme lends, what would make it work, and the owner's own figures.
     * Options are counted from 0.
     *
     * @throws CaseException if the home is not let, its rent is not known, or the option or a programme has no meaning
     */
    @PostMapping("/api/letting/{option}")
    LettingView letting(@PathVariable int option, @RequestBody LettingQuestion question) {
        CaseDocument document = question.document();
        List<Programme> programmes = ProgrammeReader.all("programmes", question.programmes());
        if (!programmes.isEmpty()) {
            Findings findings = new Findings();
            findings.inRange("chosen", question.chosen(), 0, programmes.size() - 1);
            findings.throwIfAny();
        }
        LettingCase let = LettingCase.of(document, option);
        List<RateOffer> offers = OffersOf.table(question.table(), let.option(), HouseholdReader.read(document));
        return LettingView.of(let, programmes, question.chosen(), offers);
    }

    /**
     * A case whose home is let, and the programme whose cover is explained.
     *
     * @param programme absent for none
     */
    record LettingWorkingQuestion(
            CaseDocument document, @Schema(nullable = true) ProgrammeDocument programme) {}

    /**
     * How the figures of a let home with the loan of an option are calculated. Options are counted from 0.
     *
     * @throws CaseException if the home is not let, its rent is not known, or the option or the programme has no meaning
     */
    @PostMapping("/api/workings/{option}/letting")
    List<WorkingView> workings(@PathVariable int option, @RequestBody LettingWorkingQuestion question) {
        Optional<Programme> programme =
                Optional.ofNullable(question.programme()).map(given -> ProgrammeReader.within("programme", given));
        LettingCase let = LettingCase.of(question.document(), option);
        return WorkingView.all(LettingWorkings.of(
                let.figures(),
                let.rent(),
                let.home().owner(),
                programme.map(Programme::cover),
                programme
                        .flatMap(terms -> terms.on(let.home().basis()))
                        .map(BasisTerms::counted)
                        .orElse(ALL)));
    }
}
