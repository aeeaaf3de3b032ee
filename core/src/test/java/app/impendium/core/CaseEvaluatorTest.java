package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.MoneyDown;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class CaseEvaluatorTest {
    private static final Money PRICE = Money.of("251300.00");

    @Test
    void addsUpWhatAHouseCosts() {
        OptionEvaluation figures = evaluate(purchase("10", PaymentFrequency.MONTHLY, 300));

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
    void relatesTheLoanToThePrice() {
        Financing.Purchase purchase = new Financing.Purchase(PRICE, new MoneyDown.Amount(Money.of("50260.00")));

        assertThat(purchase.loanAmount()).isEqualTo(Money.of("201040.00"));
        assertThat(purchase.percentDown()).isEqualByComparingTo("20");
        assertThat(purchase.loanToValuePercent()).isEqualByComparingTo("80");
        assertThat(new PropertyTax.Amount(Money.of("3600.00")).yearly(PRICE)).isEqualTo(Money.of("3600.00"));
    }

    @Test
    void spreadsAYearsPaymentsOverItsMonths() {
        OptionEvaluation figures = evaluate(purchase("20", PaymentFrequency.WEEKLY, 300));

        assertThat(figures.housingCost().principalAndInterest())
                .isEqualTo(figures.schedule().payment().times(52).dividedBy(12));
    }

    @Test
    void chargesNoMortgageInsuranceAtEightyPercent() {
        OptionEvaluation figures = evaluate(purchase("20", PaymentFrequency.MONTHLY, 300));

        assertThat(figures.mortgageInsurance()).isEmpty();
        assertThat(figures.housingCost().mortgageInsurance()).isEqualTo(Money.ZERO);
    }

    @Test
    void knowsNoValueOfALoanAlone() {
        LoanOption option = option(
                new Financing.LoanAlone(Money.of("90000.00")), PaymentFrequency.MONTHLY, 120, LocalDate.of(2027, 3, 1));

        OptionEvaluation figures = evaluate(option);

        assertThat(figures.purchase()).isEmpty();
        assertThat(figures.mortgageInsurance()).isEmpty();
        assertThat(figures.housingCost().propertyTax()).isEqualTo(Money.ZERO);
    }

    @Test
    void reportsTheFindingsOfAllOptionsAtOnce() {
        LoanOption wrongTerm = purchase("10", PaymentFrequency.WEEKLY, 301);
        LoanOption wrongDate =
                option(new Financing.LoanAlone(PRICE), PaymentFrequency.YEARLY, 13, LocalDate.of(1900, 1, 1));

        CaseException refusal = catchThrowableOfType(
                CaseException.class,
                () -> CaseEvaluator.evaluate(
                        new CaseFile(List.of(wrongTerm, purchase("10", PaymentFrequency.MONTHLY, 300), wrongDate))));

        assertThat(refusal.findings())
                .extracting(Finding::field)
                .containsExactly("options[0].term", "options[2].term", "options[2].firstPayment");
    }

    @Test
    void refusesAPaymentThatNeverRepays() {
        LoanOption option = new LoanOption(
                new Financing.LoanAlone(Money.of("1000.00")),
                AnnualRate.ofPercent("30"),
                Compounding.MONTHLY,
                PaymentFrequency.MONTHLY,
                PaymentRounding.NEAREST_CENT,
                LoanTerm.ofYears(50),
                LocalDate.of(2027, 3, 1),
                LoanClauses.NONE,
                noCosts());

        CaseException refusal = catchThrowableOfType(CaseException.class, () -> evaluate(option));

        assertThat(refusal)
                .hasMessage("The payment of 25.00 does not cover the interest of 25.00 due with payment 1."
                        + " The least that repays the loan in its term is 25.01.");
    }

    private static OptionEvaluation evaluate(LoanOption option) {
        return CaseEvaluator.evaluate(new CaseFile(List.of(option))).options().get(0);
    }

    private static LoanOption purchase(String percentDown, PaymentFrequency frequency, int months) {
        Financing financing = new Financing.Purchase(PRICE, new MoneyDown.Share(Percent.of(percentDown)));
        return option(financing, frequency, months, LocalDate.of(2027, 3, 1));
    }

    private static LoanOption option(Financing financing, PaymentFrequency frequency, int months, LocalDate first) {
        return new LoanOption(
                financing,
                AnnualRate.ofPercent("5.75"),
                Compounding.MONTHLY,
                frequency,
                PaymentRounding.NEAREST_CENT,
                new LoanTerm(months),
                first,
                LoanClauses.NONE,
                new HousingTerms(
                        new PropertyTax.ShareOfPrice(Percent.of("1")),
                        Money.of("1000.08"),
                        Percent.of("0.6"),
                        Money.of("50.00"),
                        Money.of("12.50")));
    }

    private static HousingTerms noCosts() {
        return new HousingTerms(
                new PropertyTax.Amount(Money.ZERO), Money.ZERO, Percent.of("0"), Money.ZERO, Money.ZERO);
    }
}
