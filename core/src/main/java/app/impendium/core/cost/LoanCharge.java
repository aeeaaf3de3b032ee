package app.impendium.core.cost;

import app.impendium.core.finding.CaseException;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import app.impendium.core.rate.AnnualPercentageRate;
import app.impendium.core.rate.AnnualPercentageRate.Flow;
import app.impendium.core.rate.UnitPeriods;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The annual percentage rate of a loan: its payments and mortgage insurance against what the client really receives. */
public final class LoanCharge {
    private LoanCharge() {}

    /**
     * The rate in percent, with nine decimals; empty where the charges leave nothing to receive.
     *
     * @param prepaidFinanceCharge what the client pays at closing for having the loan (12 CFR 1026.4)
     * @param closing the day of the advance; without it, one period before the first payment
     */
    public static Optional<BigDecimal> annualPercentageRate(
            Schedule schedule,
            PaymentDates dates,
            Optional<LocalDate> closing,
            Money prepaidFinanceCharge,
            Optional<MortgageInsurance> insurance) {
        Money received = schedule.balanceAfter(0).minus(prepaidFinanceCharge);
        UnitPeriods toFirst = closing.map(day -> UnitPeriods.between(day, dates.first(), dates.frequency()))
                .orElse(UnitPeriods.whole(1));
        List<Flow> payments = IntStream.rangeClosed(1, schedule.payments())
                .mapToObj(number -> new Flow(paid(schedule, dates, insurance, number), toFirst.plus(number - 1)))
                .toList();
        try {
            List<Flow> advances = List.of(new Flow(received, UnitPeriods.whole(0)));
            return Optional.of(AnnualPercentageRate.of(
                    advances, payments, dates.frequency().perYear()));
        } catch (CaseException noRate) {
            return Optional.empty();
        }
    }

    private static Money paid(
            Schedule schedule, PaymentDates dates, Optional<MortgageInsurance> insurance, int number) {
        Money premium = insurance
                .map(insured -> insured.with(number, dates.frequency()))
                .orElse(Money.ZERO);
        return schedule.stretch(number, number).paid().plus(premium);
    }
}
