package app.impendium.core;

import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import java.time.LocalDate;
import java.util.Optional;

/** Options to test with: a home at 251,300.00, financed at 5.75 %, that costs something beside its loan. */
public final class Options {
    public static final Money PRICE = Money.of("251300.00");

    private Options() {}

    public static LoanOption purchase(String percentDown, PaymentFrequency frequency, int months) {
        return of(buying(percentDown), frequency, months, LocalDate.of(2027, 3, 1));
    }

    public static Financing.Purchase buying(String percentDown) {
        return new Financing.Purchase(PRICE, new DownPayment.Share(Percent.of(percentDown)), Optional.empty());
    }

    public static LoanOption of(Financing financing, PaymentFrequency frequency, int months, LocalDate first) {
        return new LoanOption(
                financing,
                PeriodicRate.of(AnnualRate.ofPercent("5.75"), Compounding.MONTHLY, frequency),
                PaymentRounding.NEAREST_CENT,
                new LoanTerm(months),
                Optional.empty(),
                first,
                LoanFeatures.NONE,
                Closing.PLAIN,
                new HousingTerms(
                        new PropertyTax.ShareOfPrice(Percent.of("1")),
                        Money.of("1000.08"),
                        Percent.of("0.6"),
                        true,
                        Money.of("50.00"),
                        Money.of("12.50")),
                CreditCostRate.ANNUAL_PERCENTAGE_RATE);
    }

    /** An annual rate, compounded and paid monthly. */
    public static PeriodicRate rate(String percent) {
        return PeriodicRate.of(AnnualRate.ofPercent(percent), Compounding.MONTHLY, PaymentFrequency.MONTHLY);
    }

    /** A monthly purchase with 20 % down over 25 years, closed like this and its rate agreed for so many months. */
    public static LoanOption closed(Closing closing, Optional<LoanTerm> rateTerm) {
        LoanOption plain = purchase("20", PaymentFrequency.MONTHLY, 300);
        return new LoanOption(
                plain.financing(),
                plain.rate(),
                plain.rounding(),
                plain.amortization(),
                rateTerm,
                plain.firstPayment(),
                plain.features(),
                closing,
                plain.housing(),
                plain.creditCostRate());
    }
}
