package app.impendium.core;

import app.impendium.core.OptionEvaluation.PurchaseFigures;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.PeriodicRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Works out a case: a pure function of it. */
public final class CaseEvaluator {
    private static final int MONTHS_A_YEAR = 12;

    private CaseEvaluator() {}

    /**
     * The figures of every option.
     *
     * @throws CaseException if an option has no answer, with all findings of all options
     */
    public static CaseEvaluation evaluate(CaseFile file) {
        Findings findings = new Findings();
        List<OptionEvaluation> evaluations = new ArrayList<>();
        for (int i = 0; i < file.options().size(); i++) {
            LoanOption option = file.options().get(i);
            findings.group("options[" + i + "]", () -> evaluate(option)).ifPresent(evaluations::add);
        }
        findings.throwIfAny();
        return new CaseEvaluation(evaluations);
    }

    private static OptionEvaluation evaluate(LoanOption option) {
        Findings findings = new Findings();
        Optional<LoanTerms> possibleTerms = findings.group("", option::loanTerms);
        Optional<PaymentDates> possibleDates = findings.group("", option::paymentDates);
        findings.throwIfAny();
        LoanTerms terms = possibleTerms.orElseThrow();
        Schedule schedule = Schedule.of(terms);
        Schedule withoutExtras = terms.clauses().extras().isEmpty() ? schedule : Schedule.of(terms.withoutExtras());
        Optional<MortgageInsurance> insurance = mortgageInsurance(option, withoutExtras);
        PeriodicRate rate = terms.rate();
        return new OptionEvaluation(
                terms.amount(),
                purchaseFigures(option.financing()),
                schedule,
                possibleDates.orElseThrow(),
                rate.value().movePointRight(2),
                rate.effectiveYearlyPercent(),
                housingCost(option, schedule, insurance),
                insurance);
    }

    private static Optional<PurchaseFigures> purchaseFigures(Financing financing) {
        return financing instanceof Financing.Purchase purchase
                ? Optional.of(new PurchaseFigures(
                        purchase.amountDown(), purchase.percentDown(), purchase.loanToValuePercent()))
                : Optional.empty();
    }

    private static Optional<MortgageInsurance> mortgageInsurance(LoanOption option, Schedule schedule) {
        boolean premiumGiven = option.housing().mortgageInsuranceAYear().isPositive();
        return option.financing()
                .price()
                .filter(price -> premiumGiven
                        && MortgageInsurance.isDue(option.financing().loanAmount(), price))
                .map(price -> MortgageInsurance.of(
                        schedule, option.frequency(), price, option.housing().mortgageInsuranceAYear()));
    }

    private static HousingCost housingCost(
            LoanOption option, Schedule schedule, Optional<MortgageInsurance> insurance) {
        HousingTerms housing = option.housing();
        Money price = option.financing().price().orElse(Money.ZERO);
        return new HousingCost(
                schedule.line(1).payment().times(option.frequency().perYear()).dividedBy(MONTHS_A_YEAR),
                housing.propertyTax().yearly(price).dividedBy(MONTHS_A_YEAR),
                housing.homeInsuranceAYear().dividedBy(MONTHS_A_YEAR),
                insurance.map(MortgageInsurance::monthlyPremium).orElse(Money.ZERO),
                housing.duesAMonth(),
                housing.otherAMonth());
    }
}
