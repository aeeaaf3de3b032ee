package app.impendium.core.rental;

import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.Options;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.PaymentFrequency;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Let homes and programmes to test with. */
final class LetHomes {
    private LetHomes() {}

    /** A home bought with a loan over thirty years, with its tax and insurance a year and its dues a month. */
    static LoanOption home(Money price, Money loan, String rate, int interestOnly, HousingTerms housing) {
        Financing bought = new Financing.Purchase(price, new DownPayment.Amount(price.minus(loan)), Optional.empty());
        return Options.of(bought, PaymentFrequency.MONTHLY, 360, LocalDate.of(2027, 3, 1))
                .withRate(AnnualRate.ofPercent(rate))
                .withFeatures(LoanFeatures.NONE.withInterestOnly(interestOnly))
                .withClosing(Closing.PLAIN)
                .withHousing(housing);
    }

    static HousingTerms housing(PropertyTax tax, Money insurance, Money dues) {
        return new HousingTerms(tax, insurance, Percent.ZERO, true, dues, Money.ZERO);
    }

    static HousingTerms housing(String tax, String insurance, String dues) {
        return housing(new PropertyTax.Amount(Money.of(tax)), Money.of(insurance), Money.of(dues));
    }

    static CoverageBand band(String cover, String loanToValue, String addOn) {
        return new CoverageBand(new BigDecimal(cover), Percent.of(loanToValue), Percent.of(addOn));
    }

    static BasisTerms terms(LettingBasis basis, String counted, String loanToValue) {
        return new BasisTerms(basis, Percent.of(counted), Percent.of(loanToValue), Optional.empty());
    }

    /** Three bands; by the year all of the rent counts, by the night four fifths, with a lower cap and a least score. */
    static Programme programme(Cover cover) {
        return new Programme(
                cover,
                List.of(band("1.2", "80", "0"), band("1", "75", "0.25"), band("0.75", "65", "0.875")),
                List.of(
                        terms(LettingBasis.LONG, "100", "80"),
                        new BasisTerms(LettingBasis.SHORT, Percent.of("80"), Percent.of("75"), Optional.of(680))));
    }
}
