package app.impendium.server.evaluation;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.LettingSolver;
import app.impendium.core.rental.Programme;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseReader.Attempt;
import app.impendium.server.evaluation.LettingReader.LetHome;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * A let home with one of the case's loans.
 *
 * @param added the part of the rate that a programme has already added
 */
record LettingCase(OptionEvaluation figures, LetHome home, Percent added, Optional<Integer> score) {

    /**
     * The let home of a case, with the loan of one of its options.
     *
     * @param option counted from 0
     * @throws CaseException if the home is not let, its rent is not known, or the option has no meaning
     */
    static LettingCase of(CaseDocument document, int option) {
        return of(document, option, Attempt.madeOf(CaseReader.attempts(document, CaseEvaluator::evaluate), option));
    }

    /**
     * The same with the figures of that option.
     *
     * @throws CaseException if the home is not let, or its rent is not known
     */
    static LettingCase of(CaseDocument document, int option, OptionEvaluation figures) {
        LetHome home = LettingReader.read(document);
        if (home.rent().isEmpty()) {
            throw CaseException.of(Field.RENT, Code.MISSING);
        }
        BigDecimal percent = document.options().get(option).terms().lettingAddOnPercent();
        return new LettingCase(
                figures,
                home,
                percent == null ? Percent.ZERO : new Percent(percent),
                HouseholdReader.read(document).score());
    }

    LoanOption option() {
        return figures.option();
    }

    /** The likely rent. */
    Money rent() {
        return home.rent().orElseThrow();
    }

    /** What would make a programme lend the loan. */
    LettingSolver solver(Programme programme) {
        return solver(programme, home.basis(), rent());
    }

    /** The same on another letting basis, or at another rent. */
    LettingSolver solver(Programme programme, LettingBasis basis, Money rent) {
        return new LettingSolver(option(), added, programme, basis, rent, score);
    }
}
