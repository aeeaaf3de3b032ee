package app.impendium.core;

import app.impendium.core.OptionEvaluation.PurchaseFigures;
import app.impendium.core.OptionEvaluation.RateEnd;
import app.impendium.core.cost.Buydown;
import app.impendium.core.cost.BuydownTerms;
import app.impendium.core.cost.BuydownTerms.Payer;
import app.impendium.core.cost.CashToClose;
import app.impendium.core.cost.ClosingCosts;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.FiveYears;
import app.impendium.core.cost.HousingPeriod;
import app.impendium.core.cost.LoanCharges;
import app.impendium.core.cost.MortgageInsurance;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.LoanTerms;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.Schedule;
import app.impendium.core.money.Money;
import java.util.List;
import java.util.Optional;

/** Works out one option, its loan first and then what hangs off that. */
final class OptionEvaluator {
    private final LoanOption option;
    private final LoanTerms terms;
    private final PaymentDates dates;
    private final Schedule schedule;

    /** @throws CaseException if the loan has no schedule, with all findings */
    OptionEvaluator(LoanOption option) {
        this.option = option;
        Findings findings = new Findings();
        Optional<LoanTerms> possibleTerms = findings.group("", option::loanTerms);
        Optional<PaymentDates> possibleDates = findings.group("", option::paymentDates);
        findings.throwIfAny();
        this.terms = possibleTerms.orElseThrow();
        this.dates = possibleDates.orElseThrow();
        this.schedule = Schedule.of(terms);
    }

    OptionEvaluation evaluate() {
        Findings findings = new Findings();
        Optional<Optional<Buydown>> possibleBuydown = findings.group("buydown", this::buydown);
        Optional<Optional<RateEnd>> possibleRateEnd = findings.field("rateTerm", this::rateEnd);
        findings.throwIfAny();
        Optional<Buydown> buydown = possibleBuydown.orElseThrow();
        Optional<MortgageInsurance> insurance = mortgageInsurance();
        List<HousingPeriod> periods =
                HousingPeriod.of(option.housing(), option.price(), schedule, option.frequency(), insurance, buydown);
        ClosingCosts costs = option.closing().costs();
        Money premium = option.closing().upfrontPremium().on(option.financing().loanAmount());
        Money premiumAtClosing = option.closing()
                .upfrontPremium()
                .paidAtClosing(option.financing().loanAmount());
        Optional<RateEnd> rateEnd = possibleRateEnd.orElseThrow();
        LoanCharges charges = new LoanCharges(
                schedule,
                dates,
                option.closing().day(),
                costs.prepaidFinanceCharge(terms.amount()),
                premium,
                insurance,
                rateEnd.map(RateEnd::afterPayment).orElse(schedule.payments()));
        return new OptionEvaluation(
                terms,
                option.financing().loanAmount(),
                purchaseFigures(),
                schedule,
                dates,
                periods,
                option.housing().toLender(periods.get(0).cost()),
                insurance,
                buydown,
                CashToClose.of(
                        costs, terms.amount(), option.financing().amountDown(), premiumAtClosing, subsidy(buydown)),
                charges,
                option.creditCostRate().of(charges),
                FiveYears.of(
                        schedule,
                        option.frequency(),
                        costs.loanCosts(terms.amount()).plus(premiumAtClosing),
                        insurance),
                FiveYears.totalInterestPercentage(schedule, costs.prepaidInterest()),
                rateEnd,
                FeatureNote.of(option, schedule, rateEnd.isPresent()));
    }

    private Optional<PurchaseFigures> purchaseFigures() {
        return option.financing() instanceof Financing.Purchase purchase
                ? Optional.of(new PurchaseFigures(
                        purchase.amountDown(), purchase.percentDown(), purchase.loanToValuePercent()))
                : Optional.empty();
    }

    private Optional<Buydown> buydown() {
        return option.closing().buydown().map(agreed -> Buydown.of(terms, schedule, agreed));
    }

    /** The part of a subsidy that the client brings. */
    private Money subsidy(Optional<Buydown> buydown) {
        boolean buyerPays = option.closing().buydown().map(BuydownTerms::payer).equals(Optional.of(Payer.BUYER));
        return buyerPays ? buydown.map(Buydown::subsidy).orElse(Money.ZERO) : Money.ZERO;
    }

    private Optional<MortgageInsurance> mortgageInsurance() {
        boolean premiumGiven = option.housing().mortgageInsuranceAYear().isPositive();
        return option.financing()
                .value()
                .filter(value -> premiumGiven
                        && MortgageInsurance.isDue(option.financing().loanAmount(), value))
                .map(value -> MortgageInsurance.of(
                        withoutExtras(),
                        option.frequency(),
                        value,
                        option.housing().mortgageInsuranceAYear()));
    }

    private Schedule withoutExtras() {
        return terms.clauses().extras().isEmpty() ? schedule : Schedule.of(terms.withoutExtras());
    }

    private Optional<RateEnd> rateEnd() {
        return option.rateTerm().flatMap(this::rateEnd);
    }

    private Optional<RateEnd> rateEnd(LoanTerm rateTerm) {
        if (rateTerm.months() > option.term().months()) {
            throw CaseException.of(
                    "rateTerm",
                    rateTerm.words(),
                    "up to the whole term of " + option.term().words());
        }
        int last = rateTerm.payments(option.frequency());
        return last >= schedule.payments()
                ? Optional.empty()
                : Optional.of(new RateEnd(last, dates.of(last), schedule.balanceAfter(last), terms.payments() - last));
    }
}
