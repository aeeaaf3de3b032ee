package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.afford.Household;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.money.Percent;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import app.impendium.server.evaluation.LettingReader.LetHome;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.List;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Tells whether the rent of a let home carries its loan, without keeping anything of it. */
@RestController
class LettingController {

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
        OptionEvaluation figures = Attempt.madeOf(CaseReader.attempts(document, CaseEvaluator::evaluate), option);
        LetHome home = LettingReader.read(document);
        if (home.rent().isEmpty()) {
            throw CaseException.of(Field.RENT, Code.MISSING);
        }
        Household household = HouseholdReader.read(document);
        LettingCase let = new LettingCase(
                figures,
                home,
                added(document, option),
                household.score(),
                OffersOf.table(question.table(), figures.option(), household));
        return LettingView.of(let, programmes, question.chosen());
    }

    private static Percent added(CaseDocument document, int option) {
        BigDecimal percent = document.options().get(option).terms().lettingAddOnPercent();
        return percent == null ? Percent.ZERO : new Percent(percent);
    }
}
