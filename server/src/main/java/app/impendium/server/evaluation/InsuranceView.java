package app.impendium.server.evaluation;

import app.impendium.core.LoanFigures;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.loan.PaymentDates;
import java.time.LocalDate;

/**
 * Mortgage insurance and its ends; amounts in whole cents.
 *
 * @param onRequestFromPayment the first payment that need not carry it if the client asks
 * @param endsFromPayment the first payment without it in any case
 * @param premiumsCents all premiums that go with the payments of the schedule
 */
public record InsuranceView(
        long monthlyCents,
        int onRequestFromPayment,
        LocalDate onRequestFrom,
        int endsFromPayment,
        LocalDate endsFrom,
        long premiumsCents) {

    static InsuranceView of(MortgageInsurance insurance, LoanFigures loan) {
        PaymentDates dates = loan.dates();
        return new InsuranceView(
                insurance.monthlyPremium().cents(),
                insurance.endsOnRequestAtPayment(),
                dates.of(insurance.endsOnRequestAtPayment()),
                insurance.endsAtPayment(),
                dates.of(insurance.endsAtPayment()),
                insurance.premiums(1, loan.schedule().payments()).cents());
    }
}
