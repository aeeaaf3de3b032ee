package app.impendium.server.evaluation;

import app.impendium.core.LoanOption;
import app.impendium.core.OptionEvaluation;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rental.LettingBasis;
import app.impendium.core.rental.LettingSolver;
import app.impendium.core.rental.Programme;
import app.impendium.server.evaluation.LettingReader.LetHome;
import java.util.Optional;

/**
 * A let home with one of the case's loans.
 *
 * @param added the part of the rate that a programme has already added
 */
record LettingCase(OptionEvaluation figures, LetHome home, Percent added, Optional<Integer> score) {

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
