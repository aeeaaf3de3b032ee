package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingCost;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.loan.Schedule;
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

        assertThat(figures.loan().amount()).isEqualTo(Money.of("226170.00"));
        assertThat(figures.monthlyCost().first().propertyTax()).isEqualTo(Money.of("209.42"));
        assertThat(figures.monthlyCost().first().homeInsurance()).isEqualTo(Money.of("83.34"));
        assertThat(figures.monthlyCost().first().mortgageInsurance()).isEqualTo(Money.of("113.09"));
        assertThat(figures.monthlyCost().first().total())
                .isEqualTo(figures.loan()
                        .schedule()
                        .payment()
                        .plus(Money.of("209.42"))
                        .plus(Money.of("83.34"))
                        .plus(Money.of("113.09"))
                        .plus(Money.of("62.50")));
        assertThat(figures.loan().payoffDate()).isEqualTo("2052-02-01");
    }

    @Test
    void costsTheSameWhoeverSendsTaxAndInsuranceIn() {
        LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 300);
        HousingTerms byLender = option.housing();
        HousingTerms byClients = new HousingTerms(
                byLender.propertyTax(),
                byLender.yearlyHomeInsurance(),
                byLender.yearlyMortgageInsurance(),
                false,
                byLender.monthlyDues(),
                byLender.monthlyOther());
        HousingCost month = evaluate(option).monthlyCost().first();

        assertThat(byLender.toLender(month)).isEqualTo(month.total().minus(Money.of("62.50")));
        assertThat(byClients.toLender(month))
                .isEqualTo(month.principalAndInterest().plus(month.mortgageInsurance()));
    }

    @Test
    void relatesTheLoanToThePrice() {
        Financing.Purchase purchase =
                new Financing.Purchase(PRICE, new DownPayment.Amount(Money.of("50260.00")), Optional.empty());

        assertThat(purchase.loanAmount()).isEqualTo(Money.of("201040.00"));
        assertThat(purchase.percentDown().orElseThrow()).isEqualByComparingTo("20");
        assertThat(purchase.loanToValuePercent().orElseThrow()).isEqualByComparingTo("80");
        assertThat(new PropertyTax.Amount(Money.of("3600.00")).monthly(PRICE)).isEqualTo(Money.of("300.00"));
    }

    @Test
    void spreadsAYearsPaymentsOverItsMonths() {
        OptionEvaluation figures = evaluate(Options.purchase("20", PaymentFrequency.WEEKLY, 300));

        assertThat(figures.monthlyCost().first().principalAndInterest())
                .isEqualTo(figures.loan().schedule().payment().times(52).dividedBy(12));
    }

    @Test
    void chargesNoMortgageInsuranceAtEightyPercent() {
        OptionEvaluation figures = evaluate(Options.purchase("20", PaymentFrequency.MONTHLY, 300));

        assertThat(figures.monthlyCost().insurance()).isEmpty();
        assertThat(figures.monthlyCost().first().mortgageInsurance()).isEqualTo(Money.ZERO);
    }

    @Test
    void knowsNoValueOfALoanAlone() {
        LoanOption option = Options.of(
                new Financing.LoanOnly(Money.of("90000.00")), PaymentFrequency.MONTHLY, 120, LocalDate.of(2027, 3, 1));

        OptionEvaluation figures = evaluate(option);

        assertThat(option.financing().loanToValuePercent()).isEmpty();
        assertThat(figures.monthlyCost().insurance()).isEmpty();
        assertThat(figures.monthlyCost().first().propertyTax()).isEqualTo(Money.ZERO);
    }

    @Test
    void reportsTheFindingsOfAllOptionsAtOnce() {
        LoanOption wrongTerm = Options.purchase("10", PaymentFrequency.WEEKLY, 301);
        LoanOption wrongDate =
                Options.of(new Financing.LoanOnly(PRICE), PaymentFrequency.YEARLY, 13, LocalDate.of(1900, 1, 1));

        CaseException refusal = catchThrowableOfType(
                CaseException.class,
                () -> CaseEvaluator.evaluate(new CaseFile(
                        List.of(wrongTerm, Options.purchase("10", PaymentFrequency.MONTHLY, 300), wrongDate),
                        Assumptions.NONE)));

        assertThat(refusal.findings())
                .extracting(Finding::path)
                .containsExactly(
                        "options[0].terms.amortizationMonths",
                        "options[2].terms.amortizationMonths",
                        "options[2].terms.firstPayment");
    }

    @Test
    void paysInterestAloneForTheWholeTermAndAllOfTheLoanAtItsEnd() {
        LoanOption plain = Options.purchase("20", PaymentFrequency.MONTHLY, 240);
        LoanOption whole = plain.withFeatures(plain.features().withInterestOnly(240));

        Schedule schedule = CaseEvaluator.evaluate(whole).loan().schedule();

        assertThat(schedule.payments()).isEqualTo(240);
        assertThat(schedule.balanceAfter(239)).isEqualTo(Money.of("201040.00"));
        assertThat(schedule.line(240).principal()).isEqualTo(Money.of("201040.00"));
        assertThatThrownBy(() -> CaseEvaluator.evaluate(
                        plain.withFeatures(plain.features().withInterestOnly(241))))
                .hasMessageContaining("interestOnlyPayments: OUT_OF_RANGE 241");
    }

    @Test
    void refusesAPaymentThatNeverRepays() {
        LoanOption option = Options.of(
                        new Financing.LoanOnly(Money.of("1000.00")),
                        PaymentFrequency.MONTHLY,
                        600,
                        LocalDate.of(2027, 3, 1))
                .withRate(AnnualRate.ofPercent("30"));

        CaseException refusal = catchThrowableOfType(CaseException.class, () -> evaluate(option));

        assertThat(refusal)
                .hasMessage("options[0].terms.amortizationMonths: LEVEL_PAYMENT_BELOW_INTEREST 25.00, 25.00, 1, 25.01");
    }

    private static OptionEvaluation evaluate(LoanOption option) {
        return CaseEvaluator.evaluate(new CaseFile(List.of(option), Assumptions.NONE))
                .options()
                .get(0);
    }
}
