package app.impendium.server.opendata;

import app.impendium.server.evaluation.OptionView;
import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.words.Writing;

/** What is due with the first payment: not the level payment where interest alone, a buydown or an escrow makes it another. */
final class FirstPayment {
    private static final int MONTHLY = 12;

    private FirstPayment() {}

    /** In a sentence or two: "2,140.18 is due: 1,640.18 for the loan, 500.00 for taxes and insurance." */
    static String words(OptionView figures, ScheduleView schedule, Writing writing) {
        long loan = figures.buydown() == null
                ? schedule.paymentCents().get(1)
                : figures.buydown().paymentCentsByYear().get(0);
        long monthlyBeside = figures.toLenderCents() - figures.housingCost().principalAndInterestCents();
        if (monthlyBeside == 0) {
            return writing.amount(loan) + " is due.";
        }
        String beside = monthlyBeside == figures.housingCost().mortgageInsuranceCents()
                ? "mortgage insurance"
                : "taxes and insurance";
        if (figures.paymentsPerYear() == MONTHLY) {
            return "%s is due: %s for the loan, %s for %s."
                    .formatted(
                            writing.amount(loan + monthlyBeside),
                            writing.amount(loan),
                            writing.amount(monthlyBeside),
                            beside);
        }
        return "%s is due for the loan; %s a month goes to the lender for %s."
                .formatted(writing.amount(loan), writing.amount(monthlyBeside), beside);
    }
}
