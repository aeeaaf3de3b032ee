package app.impendium.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.Payer;
import app.impendium.core.cost.UpfrontPremium;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.RateChange;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
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

        assertThat(figures.loan().amount()).isEqualTo(Money.of("204055.60"));
        assertThat(figures.option().financing().loanToValuePercent().orElseThrow())
                .isEqualByComparingTo("80");
        assertThat(figures.cashToClose().total()).isEqualTo(Money.of("50260.00"));
        assertThat(figures.disclosure().creditCostRate().orElseThrow())
                .isGreaterThan(figures.loan().terms().rate().annual().percent().value());
    }

    @Test
    void aBuydownLowersTheFirstYearsAndIsPaidForByWhoeverAgrees() {
        OptionEvaluation figures = CaseEvaluator.evaluate(
                Options.closed(closing(Optional.empty(), UpfrontPremium.NONE, Optional.of(TWO_ONE)), Optional.empty()));

        assertThat(figures.monthlyCost().periods())
                .extracting(HousingPeriod::fromPayment)
                .containsExactly(1, 13, 25);
        assertThat(figures.monthlyCost().periods())
                .extracting(period -> period.cost().principalAndInterest())
                .isEqualTo(figures.loan().buydown().orElseThrow().paymentByYear());
        assertThat(figures.cashToClose().buydownSubsidy())
                .isEqualTo(figures.loan().buydown().orElseThrow().subsidy());
        assertThat(figures.loan().schedule().line(1).payment())
                .isEqualTo(figures.loan().schedule().payment());
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
        return CaseEvaluator.evaluate(option).disclosure().creditCostRate().orElseThrow();
    }

    @Test
    void theMonthChangesWithRateAndInsurance() {
        LoanOption option = Options.purchase("10", PaymentFrequency.MONTHLY, 300)
                .withFeatures(LoanFeatures.NONE
                        .withInterestOnly(24)
                        .withRateChanges(List.of(new RateChange(61, Options.rate("6.5")))));

        OptionEvaluation figures = CaseEvaluator.evaluate(option);

        int insuranceEnds = figures.monthlyCost().insurance().orElseThrow().endsAtPayment();
        assertThat(figures.monthlyCost().periods())
                .extracting(HousingPeriod::fromPayment)
                .containsExactly(1, 25, 61, insuranceEnds);
        assertThat(figures.monthlyCost().first().principalAndInterest())
                .isEqualTo(figures.loan().schedule().line(1).interest());
    }

    @Test
    void anAppraisalBelowThePriceIsWhatTheLoanIsMeasuredBy() {
        LoanOption option = Options.purchase("20", PaymentFrequency.MONTHLY, 300);
        var purchase = Options.buying("20");
        var appraised = new Financing.Purchase(
                purchase.homePrice(), purchase.downPayment(), Optional.of(Money.of("240000.00")));

        OptionEvaluation figures = CaseEvaluator.evaluate(option.withFinancing(appraised));

        assertThat(figures.option().financing().loanToValuePercent().orElseThrow())
                .isEqualByComparingTo("83.76666666666667");
        assertThat(figures.monthlyCost().insurance()).isPresent();
        assertThat(figures.loan().amount()).isEqualTo(Money.of("201040.00"));
    }

    @Test
    void theRatesTermEndsBeforeTheLoanDoes() {
        OptionEvaluation figures =
                CaseEvaluator.evaluate(Options.closed(Closing.PLAIN, Optional.of(LoanTerm.ofYears(5))));

        LoanFigures.RateEnd end = figures.loan().rateEnd().orElseThrow();
        assertThat(end.afterPayment()).isEqualTo(60);
        assertThat(end.day()).isEqualTo("2032-02-01");
        assertThat(end.balance()).isEqualTo(figures.loan().schedule().balanceAfter(60));
        assertThat(end.paymentsLeft()).isEqualTo(240);
        assertThat(CaseEvaluator.evaluate(Options.closed(Closing.PLAIN, Optional.of(LoanTerm.ofYears(25))))
                        .loan()
                        .rateEnd())
                .isEmpty();
    }

    @Test
    void refusesWhatDoesNotGoTogether() {
        LoanOption tooEarly = Options.closed(
                closing(Optional.of(LocalDate.of(2027, 3, 2)), UpfrontPremium.NONE, Optional.empty()),
                Optional.empty());
        assertThatThrownBy(() -> CaseEvaluator.evaluate(tooEarly))
                .hasMessage("terms.firstPayment: BEFORE_CLOSING 2027-03-01, 2027-03-02");

        BuydownTerms tooDeep = new BuydownTerms(List.of(Percent.of("6")), Payer.SELLER);
        LoanOption both = Options.closed(
                closing(Optional.empty(), UpfrontPremium.NONE, Optional.of(tooDeep)), Optional.of(new LoanTerm(301)));
        assertThat(catchThrowableOfType(CaseException.class, () -> CaseEvaluator.evaluate(both))
                        .findings())
                .extracting(Finding::path)
                .containsExactly("features.buydown.reductionsPercent[0]", "terms.rateTermMonths");
    }

    private static Closing closing(Optional<LocalDate> day, UpfrontPremium upfront, Optional<BuydownTerms> buydown) {
        return new Closing(day, ClosingCosts.NONE, upfront, buydown, List.of());
    }
}
