package app.impendium.server.evaluation;

import app.impendium.core.loan.LevelPayment;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanSolver;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentBasis;
import app.impendium.core.loan.RegularPayment;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;

/** What can be asked for of a loan alone, from everything else. */
enum Unknown {
    /** The level payment. */
    PAYMENT {
        @Override
        SolutionView solve(SolutionReader given) {
            PaymentBasis basis = new PaymentBasis(given.loan(), given.balloon(), given.rate(), given.payments());
            return amount(LevelPayment.of(basis, given.rounding()));
        }
    },
    /** The largest loan whose payment is at most the one given. */
    LOAN {
        @Override
        SolutionView solve(SolutionReader given) {
            return amount(LoanSolver.largestAmount(
                    given.rate(), given.payments(), given.payment(), given.balloon(), given.rounding()));
        }
    },
    /** The highest rate at which the payment is at most the one given, to the millionth of a percent. */
    RATE {
        @Override
        SolutionView solve(SolutionReader given) {
            return new SolutionView(
                    null,
                    LoanSolver.highestRate(
                                    given.loan(),
                                    given.conventions(),
                                    given.payments(),
                                    given.payment(),
                                    given.balloon(),
                                    given.rounding())
                            .percent()
                            .value(),
                    null);
        }
    },
    /** The fewest payments of at most the one given. */
    PAYMENTS {
        @Override
        SolutionView solve(SolutionReader given) {
            return new SolutionView(
                    null,
                    null,
                    LoanSolver.fewestPayments(
                            given.loan(), given.rate(), given.payment(), given.balloon(), given.rounding()));
        }
    },
    /** The smallest balance left at the end with which the payment is at most the one given. */
    BALLOON {
        @Override
        SolutionView solve(SolutionReader given) {
            return amount(LoanSolver.smallestBalloon(
                    given.loan(), given.rate(), given.payments(), given.payment(), given.rounding()));
        }
    },
    /** What is owed after some payments of the one given: nothing once it is repaid. */
    BALANCE {
        @Override
        SolutionView solve(SolutionReader given) {
            LoanFeatures chosen = LoanFeatures.NONE
                    .withRegular(new RegularPayment.Custom(given.payment()))
                    .withBalloon(given.balloon());
            LoanTerms terms = new LoanTerms(given.loan(), given.rate(), given.payments(), given.rounding(), chosen);
            Schedule schedule = Schedule.of(terms);
            return amount(schedule.balanceAfter(Math.min(given.afterPayments(), schedule.payments())));
        }
    };

    /**
     * What it comes to.
     *
     * @throws app.impendium.core.finding.CaseException if something that it follows from is missing or outside its range, or
     *     there is none
     */
    abstract SolutionView solve(SolutionReader given);

    private static SolutionView amount(Money amount) {
        return new SolutionView(amount.cents(), null, null);
    }
}
