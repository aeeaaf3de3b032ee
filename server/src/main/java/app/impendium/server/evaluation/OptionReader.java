package app.impendium.server.evaluation;

import app.impendium.core.Closing;
import app.impendium.core.LoanOption;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.cost.Financing;
import app.impendium.core.cost.HousingTerms;
import app.impendium.core.cost.MoneyDown;
import app.impendium.core.cost.PropertyTax;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.loan.LoanClauses;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.loan.PaymentDates;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;

/** Turns one option of a case document into the option that the computation knows. */
final class OptionReader {
    private static final int MOST_NAME_CHARACTERS = 60;

    private final OptionDocument document;
    private final CreditCostRate creditCostRate;
    private final Findings findings = new Findings();

    private OptionReader(OptionDocument document, CreditCostRate creditCostRate) {
        this.document = document;
        this.creditCostRate = creditCostRate;
    }

    /**
     * @param creditCostRate the yearly rate at which the case's market has the whole cost stated
     * @throws CaseException with every finding, its fields named as in the document
     */
    static LoanOption read(OptionDocument document, CreditCostRate creditCostRate) {
        return new OptionReader(document, creditCostRate).option();
    }

    private LoanOption option() {
        Optional<? extends Financing> financing = financing();
        Optional<AnnualRate> rate = need("ratePercent", document.ratePercent())
                .flatMap(percent -> findings.field("ratePercent", () -> AnnualRate.ofPercent(percent)));
        Optional<LoanTerm> term = need("termMonths", document.termMonths())
                .flatMap(months -> findings.field("termMonths", () -> new LoanTerm(months)));
        Optional<HousingTerms> housing =
                need("housing", document.housing()).flatMap(given -> findings.group("housing", () -> housing(given)));
        Optional<Closing> closing = findings.group("", () -> ClosingReader.read(document));
        Optional<LocalDate> firstPayment = firstPayment();
        Optional<LoanClauses> clauses = findings.group("", () -> ClausesReader.read(document, dates(firstPayment)));
        Optional<LoanTerm> rateTerm = Optional.ofNullable(document.rateTermMonths())
                .flatMap(months -> findings.field("rateTermMonths", () -> new LoanTerm(months)));
        need("compounding", document.compounding());
        need("frequency", document.frequency());
        need("rounding", document.rounding());
        if (document.name() != null) {
            CaseReader.checkText("name", document.name(), 1, MOST_NAME_CHARACTERS, findings);
        }
        findings.throwIfAny();
        return new LoanOption(
                financing.orElseThrow(),
                rate.orElseThrow(),
                document.compounding(),
                document.frequency(),
                document.rounding(),
                term.orElseThrow(),
                rateTerm,
                firstPayment.orElseThrow(),
                clauses.orElseThrow(),
                closing.orElseThrow(),
                housing.orElseThrow(),
                creditCostRate);
    }

    /** The date given, else the usual one after the closing. */
    private Optional<LocalDate> firstPayment() {
        ClosingDocument closing = document.closing();
        boolean follows = document.firstPayment() == null && closing != null && closing.day() != null;
        return follows
                ? Optional.of(PaymentDates.firstAfterClosing(closing.day()))
                : need("firstPayment", document.firstPayment());
    }

    private Optional<PaymentDates> dates(Optional<LocalDate> firstPayment) {
        return firstPayment
                .filter(day -> document.frequency() != null)
                .flatMap(day -> findings.group("", () -> new PaymentDates(day, document.frequency())));
    }

    private Optional<? extends Financing> financing() {
        if (document.priceCents() == null) {
            refuse("downCents", document.downCents(), "nothing without a price");
            refuse("downPercent", document.downPercent(), "nothing without a price");
            refuse("appraisalCents", document.appraisalCents(), "nothing without a price");
            return need("loanCents", document.loanCents())
                    .map(Money::ofCents)
                    .flatMap(loan -> findings.field("loanCents", () -> new Financing.LoanAlone(loan)));
        }
        refuse("loanCents", document.loanCents(), "nothing beside a price");
        String down = document.downPercent() == null ? "downCents" : "downPercent";
        return findings.field(
                        "priceCents",
                        () -> Money.ofCents(document.priceCents())
                                .within(Money.ofCents(1), Money.LARGEST, "priceCents"))
                .flatMap(price -> findings.field(down, this::moneyDown).flatMap(money -> purchase(price, down, money)));
    }

    private Optional<Financing.Purchase> purchase(Money price, String down, MoneyDown money) {
        Optional<Money> appraisal = Optional.ofNullable(document.appraisalCents())
                .flatMap(cents -> findings.field(
                        "appraisalCents",
                        () -> Money.ofCents(cents).within(Money.ofCents(1), Money.LARGEST, "appraisalCents")));
        return findings.field(down, () -> new Financing.Purchase(price, money, appraisal));
    }

    private MoneyDown moneyDown() {
        if (document.downPercent() == null) {
            return new MoneyDown.Amount(money(document.downCents()));
        }
        refuse("downCents", document.downCents(), "nothing beside a share");
        return new MoneyDown.Share(new Percent(document.downPercent()));
    }

    private static HousingTerms housing(HousingDocument given) {
        Findings findings = new Findings();
        Optional<PropertyTax> tax = given.propertyTaxPercent() == null
                ? findings.field("propertyTaxCents", () -> new PropertyTax.Amount(money(given.propertyTaxCents())))
                : findings.field(
                        "propertyTaxPercent",
                        () -> new PropertyTax.ShareOfPrice(
                                Percent.upTo(20, given.propertyTaxPercent(), "propertyTaxPercent")));
        Optional<Money> insurance = amount(findings, "homeInsuranceCents", given.homeInsuranceCents());
        Optional<Percent> mortgageInsurance = findings.field(
                "mortgageInsurancePercent",
                () -> Percent.upTo(10, orZero(given.mortgageInsurancePercent()), "mortgageInsurancePercent"));
        Optional<Money> dues = amount(findings, "duesCents", given.duesCents());
        Optional<Money> other = amount(findings, "otherCents", given.otherCents());
        findings.throwIfAny();
        return new HousingTerms(
                tax.orElseThrow(),
                insurance.orElseThrow(),
                mortgageInsurance.orElseThrow(),
                given.taxAndInsuranceSentBy() == null ? HousingTerms.Sender.LENDER : given.taxAndInsuranceSentBy(),
                dues.orElseThrow(),
                other.orElseThrow());
    }

    private static Optional<Money> amount(Findings findings, String field, Long cents) {
        return findings.field(field, () -> money(cents).within(Money.ZERO, Money.LARGEST, field));
    }

    private static Money money(Long cents) {
        return Money.ofCents(cents == null ? 0 : cents);
    }

    private static BigDecimal orZero(BigDecimal percent) {
        return percent == null ? BigDecimal.ZERO : percent;
    }

    private <T> Optional<T> need(String field, T value) {
        CaseReader.required(field, value, findings);
        return Optional.ofNullable(value);
    }

    private void refuse(String field, Object value, String allowed) {
        if (value != null) {
            findings.add(new Finding(field, String.valueOf(value), allowed, "Allowed here is " + allowed + "."));
        }
    }
}
