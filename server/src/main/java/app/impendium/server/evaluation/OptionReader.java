package app.impendium.server.evaluation;

import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.DownPayment;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.LoanFeatures;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.loan.PaymentRounding;
import app.impendium.core.loan.RunningDebt;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.Compounding;
import app.impendium.core.rate.PaymentFrequency;
import app.impendium.core.rate.PeriodicRate;
import app.impendium.server.document.HousingDocument;
import app.impendium.server.document.LoanOnlyDocument;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.document.PurchaseDocument;
import app.impendium.server.document.RefinancingDocument;
import app.impendium.server.document.TermsDocument;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Turns one option of a case document into the option that the computation knows. */
final class OptionReader {
    private static final int MOST_NAME_CHARACTERS = 60;

    private final OptionDocument document;
    private final CreditCostRate creditCostRate;
    private final PayableDebts debts;
    private final Findings findings = new Findings();

    private OptionReader(OptionDocument document, CreditCostRate creditCostRate, PayableDebts debts) {
        this.document = document;
        this.creditCostRate = creditCostRate;
        this.debts = debts;
    }

    /**
     * @param creditCostRate the annual rate at which the case's market has the whole cost stated
     * @param debts the case's debts that can be paid off
     * @throws CaseException with every finding
     */
    static LoanOption read(OptionDocument document, CreditCostRate creditCostRate, PayableDebts debts) {
        return new OptionReader(document, creditCostRate, debts).option();
    }

    private LoanOption option() {
        if (document.name() != null) {
            Needed.text("name", document.name(), 1, MOST_NAME_CHARACTERS, findings);
        }
        Optional<Financing> financing = Needed.value("financing", document.financing(), findings)
                .flatMap(given -> given.match(this::purchase, this::loanOnly, this::refinancing));
        EstimateReader.check(document.housing(), findings);
        PricedOnReader.check(document.pricedAt(), findings);
        Optional<LoanOption> option =
                Needed.value("terms", document.terms(), findings).flatMap(terms -> option(financing, terms));
        findings.throwIfAny();
        return option.orElseThrow();
    }

    private Optional<LoanOption> option(Optional<Financing> financing, TermsDocument terms) {
        Optional<AnnualRate> annual = Needed.value(Field.RATE, terms.ratePercent(), findings)
                .flatMap(percent -> findings.group("", () -> AnnualRate.ofPercent(percent)));
        if (terms.lettingAddOnPercent() != null) {
            findings.field("terms.lettingAddOnPercent", () -> new Percent(terms.lettingAddOnPercent()));
        }
        Optional<Compounding> compounding = Needed.value("terms.compounding", terms.compounding(), findings)
                .map(named -> CoreNames.of(Compounding.class, named));
        Optional<PaymentFrequency> frequency = Needed.value("terms.frequency", terms.frequency(), findings)
                .map(named -> CoreNames.of(PaymentFrequency.class, named));
        Optional<PaymentRounding> rounding = Needed.value("terms.rounding", terms.rounding(), findings)
                .map(named -> CoreNames.of(PaymentRounding.class, named));
        Optional<LoanTerm> amortization = Needed.value(Field.AMORTIZATION, terms.amortizationMonths(), findings)
                .flatMap(months -> findings.group("", () -> new LoanTerm(months)));
        Optional<LoanTerm> rateTerm = Optional.ofNullable(terms.rateTermMonths())
                .flatMap(months -> findings.field(Field.RATE_TERM, () -> new LoanTerm(months)));
        Optional<PeriodicRate> rate =
                annual.flatMap(yearly -> compounding.flatMap(m -> frequency.map(p -> PeriodicRate.of(yearly, m, p))));
        Optional<LocalDate> firstPayment = firstPayment(terms);
        Optional<PaymentDates> dates = firstPayment.flatMap(day ->
                frequency.flatMap(paid -> findings.group("", () -> new PaymentDates(day, paid))));
        Optional<HousingTerms> housing = findings.group("", () -> housing(document.housing()));
        Optional<Closing> closing = findings.group("", () -> ClosingReader.read(document, debts));
        Optional<LoanFeatures> features = findings.group("", () -> FeaturesReader.read(document, dates, rate));
        Optional<Financing> complete = financing.flatMap(paid ->
                closing.flatMap(due -> findings.group("", () -> withFinancedCosts(paid, due))));
        findings.throwIfAny();
        return Optional.of(new LoanOption(
                complete.orElseThrow(),
                rate.orElseThrow(),
                rounding.orElseThrow(),
                amortization.orElseThrow(),
                rateTerm,
                firstPayment.orElseThrow(),
                features.orElseThrow(),
                closing.orElseThrow(),
                housing.orElseThrow(),
                creditCostRate));
    }

    /** The date given, else the usual one after the closing. */
    private Optional<LocalDate> firstPayment(TermsDocument terms) {
        LocalDate closing = document.closing().day();
        return terms.firstPayment() == null && closing != null
                ? Optional.of(PaymentDates.firstAfterClosing(closing))
                : Needed.value(Field.FIRST_PAYMENT, terms.firstPayment(), findings);
    }

    private Optional<Financing> loanOnly(LoanOnlyDocument given) {
        return Needed.value(Field.LOAN, given.loanCents(), findings)
                .flatMap(cents -> findings.group("", () -> new Financing.LoanOnly(Money.ofCents(cents))));
    }

    private Optional<Financing> refinancing(RefinancingDocument given) {
        EstimateReader.check("financing.valueEstimate", given.valueEstimate(), findings);
        List<RunningDebt> paidOff = debts.named(Field.DEBTS_PAID_OFF, given.debtsPaidOff(), List.of(), findings);
        return Needed.value(Field.BALANCE_PAID_OFF, given.balanceCents(), findings)
                .flatMap(cents -> findings.group(
                        "",
                        () -> Financing.Refinancing.of(
                                Money.ofCents(cents),
                                paidOff,
                                Needed.money(given.cashOutCents()),
                                Optional.ofNullable(given.valueCents()).map(Money::ofCents))));
    }

    /** A refinancing with its costs added to the loan, where the document says so. */
    private Financing withFinancedCosts(Financing financing, Closing closing) {
        boolean isFinanced =
                document.financing() instanceof RefinancingDocument given && Boolean.TRUE.equals(given.costsFinanced());
        return isFinanced && financing instanceof Financing.Refinancing refinancing
                ? refinancing.financing(closing.costs(), closing.upfrontPremium())
                : financing;
    }

    private Optional<Financing> purchase(PurchaseDocument given) {
        EstimateReader.check("financing.appraisalEstimate", given.appraisalEstimate(), findings);
        Optional<Long> price = Needed.value(Field.PRICE, given.priceCents(), findings);
        Optional<DownPayment> down = Needed.amountOrShare(
                Field.DOWN_PAYMENT,
                given.down(),
                DownPayment.Amount::new,
                percent -> new DownPayment.Share(new Percent(percent)),
                findings);
        return price.flatMap(cents -> down.flatMap(money -> findings.group(
                "",
                () -> new Financing.Purchase(
                        Money.ofCents(cents),
                        money,
                        Optional.ofNullable(given.appraisalCents()).map(Money::ofCents)))));
    }

    private static HousingTerms housing(HousingDocument given) {
        Findings findings = new Findings();
        Optional<PropertyTax> tax = given.propertyTax() == null
                ? Optional.of(new PropertyTax.Amount(Money.ZERO))
                : Needed.amountOrShare(
                        Field.PROPERTY_TAX,
                        given.propertyTax(),
                        PropertyTax.Amount::new,
                        PropertyTax.ShareOfPrice::of,
                        findings);
        BigDecimal percent = given.mortgageInsurancePercent();
        Optional<Percent> premium = percent == null
                ? Optional.of(Percent.ZERO)
                : findings.group("", () -> HousingTerms.yearlyPremium(percent));
        Optional<HousingTerms> terms = findings.group(
                "",
                () -> new HousingTerms(
                        tax.orElse(new PropertyTax.Amount(Money.ZERO)),
                        Needed.money(given.homeInsuranceCents()),
                        premium.orElse(Percent.ZERO),
                        given.escrowed() == null || given.escrowed(),
                        Needed.money(given.duesCents()),
                        Needed.money(given.otherCents())));
        findings.throwIfAny();
        return terms.orElseThrow();
    }
}
