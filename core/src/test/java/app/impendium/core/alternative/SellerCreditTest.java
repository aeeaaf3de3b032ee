package app.impendium.core.alternative;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.core.CaseEvaluator;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.RandomOptions;
import app.impendium.core.cost.Financing;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.pricing.RateOffer;
import app.impendium.core.pricing.RateTable;
import app.impendium.core.pricing.SignedPoints;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class SellerCreditTest {
    private static final LoanOption OPTION = Options.purchase("20", PaymentFrequency.MONTHLY, 360);
    private static final RateTable TABLE = new RateTable(
            LoanTerm.ofYears(30),
            List.of(offer("6", "-0.5"), offer("5.5", "1"), offer("5.25", "1.875"), offer("5", "3")),
            List.of());

    private static RateOffer offer(String rate, String points) {
        return new RateOffer(AnnualRate.ofPercent(rate), new SignedPoints(new BigDecimal(points)));
    }

    @Test
    void paysForPointsForABuydownOrForALowerPrice() {
        // 201,040.00 is borrowed: 1.875 points are 3,769.50, three are 6,031.20.
        List<CreditWay> ways = ways("5500.00");

        CreditWay.Points points = (CreditWay.Points) ways.get(0);
        assertThat(points.offer().rate().percent().toString()).isEqualTo("5.25 %");
        assertThat(points.cost()).isEqualTo(Money.of("3769.50"));
        assertThat(points.unused()).isEqualTo(Money.of("1730.50"));
        CreditWay.Reduced reduced = (CreditWay.Reduced) ways.get(1);
        assertThat(reduced.reductions()).containsExactly(Percent.of("2"), Percent.of("1"));
        assertThat(CaseEvaluator.evaluate(reduced.option())
                        .loan()
                        .buydown()
                        .orElseThrow()
                        .subsidy())
                .isEqualTo(reduced.cost())
                .isLessThanOrEqualTo(Money.of("5500.00"));
        CreditWay.LowerPrice lower = (CreditWay.LowerPrice) ways.get(2);
        assertThat(lower.price()).isEqualTo(Money.of("245800.00"));
        assertThat(lower.option().financing().loanAmount()).isEqualTo(Money.of("196640.00"));
    }

    @Test
    void takesTheMostThatTheCreditPaysForToItsLastCent() {
        assertThat(rateFor("6031.20")).isEqualTo("5 %");
        assertThat(rateFor("6031.19")).isEqualTo("5.25 %");
    }

    private static String rateFor(String credit) {
        return ((CreditWay.Points) ways(credit).get(0)).offer().rate().percent().toString();
    }

    @Test
    void tellsTheLeastThatWorksWhereTheCreditIsTooSmall() {
        List<CreditWay> ways = ways("500.00");

        assertThat(((CreditWay.None) ways.get(0)).because())
                .singleElement()
                .hasToString("creditCents: CREDIT_TOO_SMALL 500.00, 2010.40");
        CreditWay.None buydown = (CreditWay.None) ways.get(1);
        assertThat(buydown.because().get(0).code()).isEqualTo(Code.CREDIT_TOO_SMALL);
        Money least = Money.of(buydown.because().get(0).values().get(1).toString());
        CreditWay.Reduced one = (CreditWay.Reduced) ways(least.toString()).get(1);
        assertThat(one.reductions()).containsExactly(Percent.of("1"));
        assertThat(one.cost()).isEqualTo(least);
        assertThat(ways(least.minus(Money.ofCents(1)).toString()).get(1)).isInstanceOf(CreditWay.None.class);
        assertThat(ways.get(2)).isInstanceOf(CreditWay.LowerPrice.class);
    }

    @Test
    void needsARateTableForPointsAndAPurchaseForAll() {
        CreditWay.None points = (CreditWay.None) new SellerCredit(OPTION, Money.of("5000.00"))
                .ways(Optional.empty(), Optional.empty())
                .get(0);

        assertThat(points.because().get(0).code()).isEqualTo(Code.NO_RATE_TABLE);
        LoanOption alone = OPTION.withFinancing(new Financing.LoanOnly(Money.of("100000.00")));
        assertThatThrownBy(() -> new SellerCredit(alone, Money.of("5000.00")))
                .isInstanceOf(CaseException.class)
                .hasMessageContaining("NOTHING_BOUGHT");
        assertThatThrownBy(() -> new SellerCredit(OPTION, Options.PRICE)).hasMessageContaining("OUT_OF_RANGE");
    }

    @Property(tries = 100)
    void neverCostsMoreThanTheCredit(
            @ForAll("purchases") LoanOption option, @ForAll @LongRange(min = 1, max = 2_000_000) long cents) {
        Money credit = Money.ofCents(cents);
        for (CreditWay way : new SellerCredit(option, credit).ways(Optional.of(TABLE), Optional.empty())) {
            if (way instanceof CreditWay.Points points) {
                assertThat(points.cost()).isLessThanOrEqualTo(credit);
                assertThat(points.unused()).isLessThanOrEqualTo(credit.minus(points.cost()));
            } else if (way instanceof CreditWay.Reduced reduced) {
                assertThat(reduced.cost()).isLessThanOrEqualTo(credit);
            }
        }
    }

    @Provide
    Arbitrary<LoanOption> purchases() {
        return RandomOptions.all()
                .filter(option -> option.financing() instanceof Financing.Purchase purchase
                        && purchase.homePrice().isAbove(Money.ofCents(2_000_001)))
                .filter(SellerCreditTest::hasFigures);
    }

    private static boolean hasFigures(LoanOption option) {
        try {
            CaseEvaluator.evaluate(option.withRate(AnnualRate.ofPercent("5")));
            CaseEvaluator.evaluate(option);
            return true;
        } catch (CaseException none) {
            return false;
        }
    }

    private static List<CreditWay> ways(String credit) {
        return new SellerCredit(OPTION, Money.of(credit)).ways(Optional.of(TABLE), Optional.empty());
    }
}
