package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.MoneyDown;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CaseEvaluatorTest {
    private static final Money PRICE = Options.PRICE;

    @Test
    void addsUpWhatAHouseCosts() {
        OptionEvaluation figures = evaluate(Options.purchase("10", PaymentFrequency.MONTHLY, 300));

        assertThat(figures.loanAmount()).isEqualTo(Money.of("226170.00"));
        assertThat(figures.housingCost().propertyTax()).isEqualTo(Money.of("209.42"));
        assertThat(figures.housingCost().homeInsurance()).isEqualTo(Money.of("83.34"));
        assertThat(figures.housingCost().mortgageInsurance()).isEqualTo(Money.of("113.09"));
        assertThat(figures.housingCost().total())
                .isEqualTo(figures.schedule()
                        .payment()
                        .plus(Money.of("209.42"))
                        .plus(Money.of("83.34"))
                        .plus(Money.of("113.09"))
                        .plus(Money.of("62.50")));
        assertThat(figures.payoffDate()).isEqualTo("2052-02-01");
    }

    @Test
    void costsTheSameWhoeverSendsTaxAndInsuranceIn() {
        LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 300);
        HousingTerms byLender = option.housing();
        HousingTerms byClients = new HousingTerms(
                byLender.propertyTax(),
                byLender.homeInsuranceAYear(),
                byLender.mortgageInsuranceAYear(),
                HousingTerms.Sender.CLIENTS,
                byLender.duesAMonth(),
                byLender.otherAMonth());
        HousingCost month = evaluate(option).housingCost();

        assertThat(byLender.toLender(month)).isEqualTo(month.total().minus(Money.of("62.50")));
        assertThat(byClients.toLender(month))
                .isEqualTo(month.principalAndInterest().plus(month.mortgageInsurance()));
    }

    @Test
    void relatesTheLoanToThePrice() {
        Financing.Purchase purchase =
                new Financing.Purchase(PRICE, new MoneyDown.Amount(Money.of("50260.00")), Optional.empty());

        assertThat(purchase.loanAmount()).isEqualTo(Money.of("201040.00"));
        assertThat(purchase.percentDown()).isEqualByComparingTo("20");
        assertThat(purchase.loanToValuePercent()).isEqualByComparingTo("80");
        assertThat(new PropertyTax.Amount(Money.of("3600.00")).monthly(PRICE)).isEqualTo(Money.of("300.00"));
    }

    @Test
    void spreadsAYearsPaymentsOverItsMonths() {
        OptionEvaluation figures = evaluate(Options.purchase("20", PaymentFrequency.WEEKLY, 300));

        assertThat(figures.housingCost().principalAndInterest())
                .isEqualTo(figures.schedule().payment().times(52).dividedBy(12));
    }

    @Test
    void chargesNoMortgageInsuranceAtEightyPercent() {
        OptionEvaluation figures = evaluate(Options.purchase("20", PaymentFrequency.MONTHLY, 300));

        assertThat(figures.mortgageInsurance()).isEmpty();
        assertThat(figures.housingCost().mortgageInsurance()).isEqualTo(Money.ZERO);
    }

    @Test
    void knowsNoValueOfALoanAlone() {
        LoanOption option = Options.of(
                new Financing.LoanAlone(Money.of("90000.00")), PaymentFrequency.MONTHLY, 120, LocalDate.of(2027, 3, 1));

        OptionEvaluation figures = evaluate(option);

        assertThat(figures.purchase()).isEmpty();
        assertThat(figures.mortgageInsurance()).isEmpty();
        assertThat(figures.housingCost().propertyTax()).isEqualTo(Money.ZERO);
    }

    @Test
    void reportsTheFindingsOfAllOptionsAtOnce() {
        LoanOption wrongTerm = Options.purchase("10", PaymentFrequency.WEEKLY, 301);
        LoanOption wrongDate =
                Options.of(new Financing.LoanAlone(PRICE), PaymentFrequency.YEARLY, 13, LocalDate.of(1900, 1, 1));

        CaseException refusal = catchThrowableOfType(
                CaseException.class,
                () -> CaseEvaluator.evaluate(new CaseFile(
                        List.of(wrongTerm, Options.purchase("10", PaymentFrequency.MONTHLY, 300), wrongDate))));

        assertThat(refusal.findings())
                .extracting(Finding::field)
                .containsExactly("options[0].term", "options[2].term", "options[2].firstPayment");
    }

    @Test
    void refusesAPaymentThatNeverRepays() {
        LoanOption option = Options.of(
                        new Financing.LoanAlone(Money.of("1000.00")),
                        PaymentFrequency.MONTHLY,
                        600,
                        LocalDate.of(2027, 3, 1))
                .withRate(AnnualRate.ofPercent("30"));

        CaseException refusal = catchThrowableOfType(CaseException.class, () -> evaluate(option));

        assertThat(refusal)
                .hasMessage(
                        "The level payment of 25.00 does not exceed the interest of 25.00 due with payment 1, so nothing"
                                + " would be repaid before the end. A shorter term or a lower rate is needed.");
        assertThat(refusal.findings()).extracting(Finding::field).containsExactly("options[0].payments");
    }

    private static OptionEvaluation evaluate(LoanOption option) {
        return CaseEvaluator.evaluate(new CaseFile(List.of(option))).options().get(0);
    }
}
