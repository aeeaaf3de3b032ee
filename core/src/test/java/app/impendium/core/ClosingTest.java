package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.BuydownTerms.Payer;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.RateChange;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What closing brings with it, and how the month's cost changes through the years. */
class ClosingTest {
    private static final BuydownTerms TWO_ONE =
            new BuydownTerms(List.of(Percent.of("2"), Percent.of("1")), Payer.BUYER);

    @Test
    void aFinancedPremiumIsPartOfTheLoanButNotOfLoanToValue() {
        Closing closing = closing(Optional.empty(), new UpfrontPremium(Percent.of("1.5"), true), Optional.empty());

        OptionEvaluation figures = CaseEvaluator.evaluate(Options.closed(closing, Optional.empty()));

        assertThat(figures.loanAmount()).isEqualTo(Money.of("204055.60"));
        assertThat(figures.purchase().orElseThrow().loanToValuePercent()).isEqualByComparingTo("80");
        assertThat(figures.cashToClose().total()).isEqualTo(Money.of("50260.00"));
        assertThat(figures.creditCostRate().orElseThrow())
                .isGreaterThan(figures.terms().rate().annual().percent().value());
    }

    @Test
    void aBuydownLowersTheFirstYearsAndIsPaidForByWhoeverAgrees() {
        OptionEvaluation figures = CaseEvaluator.evaluate(
                Options.closed(closing(Optional.empty(), UpfrontPremium.NONE, Optional.of(TWO_ONE)), Optional.empty()));

        assertThat(figures.housingPeriods())
                .extracting(HousingPeriod::fromPayment)
                .containsExactly(1, 13, 25);
        assertThat(figures.housingPeriods())
                .extracting(period -> period.cost().principalAndInterest())
                .isEqualTo(figures.buydown().orElseThrow().paymentByYear());
        assertThat(figures.cashToClose().buydownSubsidy())
                .isEqualTo(figures.buydown().orElseThrow().subsidy());
        assertThat(figures.schedule().line(1).payment())
                .isEqualTo(figures.schedule().payment());
    }

    @Test
    void insuranceAndALongerFirstPeriodMoveTheAnnualPercentageRate() {
        BigDecimal insured = annualPercentageRate(Options.purchase("10", PaymentFrequency.MONTHLY, 300));
        BigDecimal regular = annualPercentageRate(Options.closed(Closing.PLAIN, Optional.empty()));
        LocalDate early = LocalDate.of(2027, 1, 10);
        BigDecimal late = annualPercentageRate(
                Options.closed(closing(Optional.of(early), UpfrontPremium.NONE, Optional.empty()), Optional.empty()));

        // The payment is rounded to a cent, so that the rate is the loan's own but for the sixth decimal.
        assertThat(regular).isBetween(new BigDecimal("5.74999"), new BigDecimal("5.75001"));
        assertThat(insured).isGreaterThan(regular);
        // Longer to pay the same is cheaper.
        assertThat(late).isLessThan(regular);
    }

    private static BigDecimal annualPercentageRate(LoanOption option) {
        return CaseEvaluator.evaluate(option).creditCostRate().orElseThrow();
    }

    @Test
    void theMonthChangesWithRateAndInsurance() {
        LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 300)
                .withClauses(LoanClauses.NONE
                        .withInterestOnly(24)
                        .withRateChanges(List.of(new RateChange(61, AnnualRate.ofPercent("6.5")))));

        OptionEvaluation figures = CaseEvaluator.evaluate(option);

        int insuranceEnds = figures.mortgageInsurance().orElseThrow().firstPaymentWithout();
        assertThat(figures.housingPeriods())
                .extracting(HousingPeriod::fromPayment)
                .containsExactly(1, 25, 61, insuranceEnds);
        assertThat(figures.housingCost().principalAndInterest())
                .isEqualTo(figures.schedule().line(1).interest());
    }

    @Test
    void anAppraisalBelowThePriceIsWhatTheLoanIsMeasuredBy() {
        LoanOption option = Options.purchase("20", PaymentFrequency.MONTHLY, 300);
        var purchase = Options.buying("20");
        var appraised =
                new Financing.Purchase(purchase.homePrice(), purchase.moneyDown(), Optional.of(Money.of("240000.00")));

        OptionEvaluation figures = CaseEvaluator.evaluate(option.withFinancing(appraised));

        assertThat(figures.purchase().orElseThrow().loanToValuePercent()).isEqualByComparingTo("83.76666666666667");
        assertThat(figures.mortgageInsurance()).isPresent();
        assertThat(figures.loanAmount()).isEqualTo(Money.of("201040.00"));
    }

    @Test
    void theRatesTermEndsBeforeTheLoanDoes() {
        OptionEvaluation figures =
                CaseEvaluator.evaluate(Options.closed(Closing.PLAIN, Optional.of(LoanTerm.ofYears(5))));

        OptionEvaluation.RateEnd end = figures.rateEnd().orElseThrow();
        assertThat(end.afterPayment()).isEqualTo(60);
        assertThat(end.day()).isEqualTo("2032-02-01");
        assertThat(end.balance()).isEqualTo(figures.schedule().balanceAfter(60));
        assertThat(end.paymentsLeft()).isEqualTo(240);
        assertThat(CaseEvaluator.evaluate(Options.closed(Closing.PLAIN, Optional.of(LoanTerm.ofYears(25))))
                        .rateEnd())
                .isEmpty();
    }

    @Test
    void refusesWhatDoesNotGoTogether() {
        LoanOption tooEarly = Options.closed(
                closing(Optional.of(LocalDate.of(2027, 3, 2)), UpfrontPremium.NONE, Optional.empty()),
                Optional.empty());
        assertThatThrownBy(() -> CaseEvaluator.evaluate(tooEarly))
                .hasMessage("The first payment on 2027-03-01 would come before the closing on 2027-03-02.");

        BuydownTerms tooDeep = new BuydownTerms(List.of(Percent.of("6")), Payer.SELLER);
        LoanOption both = Options.closed(
                closing(Optional.empty(), UpfrontPremium.NONE, Optional.of(tooDeep)), Optional.of(new LoanTerm(301)));
        assertThat(catchThrowableOfType(CaseException.class, () -> CaseEvaluator.evaluate(both))
                        .findings())
                .extracting(Finding::field)
                .containsExactly("buydown.reductions[0]", "rateTerm");
    }

    private static Closing closing(Optional<LocalDate> day, UpfrontPremium upfront, Optional<BuydownTerms> buydown) {
        return new Closing(day, ClosingCosts.NONE, upfront, buydown);
    }
}
