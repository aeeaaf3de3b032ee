package app.impendium.server.evaluation;

import app.impendium.core.Assumptions;
import app.impendium.core.CaseFile;
import app.impendium.core.LoanOption;
import app.impendium.core.cost.CreditCostRate;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Value;
import app.impendium.core.loan.LoanTerm;
import app.impendium.core.money.Percent;
import app.impendium.core.rate.AnnualRate;
import app.impendium.core.rate.YearlyChange;
import app.impendium.server.document.AssumptionsDocument;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.OptionDocument;
import app.impendium.server.evaluation.LettingReader.LetHome;
import app.impendium.server.problem.RefusedException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.springframework.http.HttpStatus;

/** Turns a case document into the case that the computation knows, or refuses it with everything that is wrong. */
final class CaseReader {
    private static final int MOST_CHARACTERS = 200;
    private static final int MOST_OF_CONCLUSION = 4000;

    private CaseReader() {}

    /**
     * The case of a document.
     *
     * @throws CaseException if anything in the document has no meaning, with every finding
     */
    static CaseFile read(CaseDocument document) {
        Findings findings = new Findings();
        CaseFrame frame = frame(document, findings);
        List<LoanOption> options = new ArrayList<>();
        if (frame.isCountable()) {
            for (int i = 0; i < document.options().size(); i++) {
                option(document, i, frame, findings).ifPresent(options::add);
            }
        }
        frame.home().ifPresent(home -> checkRents(home, options, findings));
        findings.throwIfAny();
        return new CaseFile(options, frame.assumptions().orElseThrow());
    }

    /**
     * The options of a document, each for itself: what the function makes of it, or why there is nothing.
     *
     * @throws CaseException if anything beside the options has no meaning, with every finding
     */
    static <T> List<Attempt<T>> attempts(CaseDocument document, BiFunction<LoanOption, Assumptions, T> evaluate) {
        Findings beside = new Findings();
        CaseFrame frame = frame(document, beside);
        beside.throwIfAny();
        List<Attempt<T>> attempts = new ArrayList<>();
        for (int i = 0; i < document.options().size(); i++) {
            Findings ofOption = new Findings();
            String path = Field.entry(Field.OPTIONS, i);
            Optional<LoanOption> read = option(document, i, frame, ofOption);
            frame.home().ifPresent(home -> checkRents(home, read.stream().toList(), ofOption));
            Optional<T> made = read.filter(option -> ofOption.all().isEmpty())
                    .flatMap(option -> ofOption.group(
                            path,
                            () -> evaluate.apply(option, frame.assumptions().orElseThrow())));
            attempts.add(new Attempt<>(made, ofOption.all()));
        }
        return attempts;
    }

    /**
     * What became of an option.
     *
     * @param because why nothing was made of it; empty where something was
     */
    record Attempt<T>(Optional<T> made, List<Finding> because) {

        /**
         * What was made of one option, counted from 0.
         *
         * @throws CaseException if nothing was
         * @throws RefusedException if there is no such option
         */
        static <T> T madeOf(List<Attempt<T>> attempts, int index) {
            if (index < 0 || index >= attempts.size()) {
                throw new RefusedException(
                        HttpStatus.NOT_FOUND, "No such option", "The case has " + attempts.size() + " options.");
            }
            return attempts.get(index).get();
        }

        /**
         * What was made.
         *
         * @throws CaseException if nothing was
         */
        T get() {
            return made.orElseThrow(() -> new CaseException(because));
        }

        /**
         * What is made of it further.
         *
         * @param path where what is wrong with that lies
         */
        <U> Attempt<U> then(String path, Function<T, U> further) {
            Findings findings = new Findings();
            Optional<U> result = made.flatMap(value -> findings.group(path, () -> further.apply(value)));
            return new Attempt<>(result, made.isPresent() ? findings.all() : because);
        }
    }

    /** What a document says beside its options. */
    private record CaseFrame(
            boolean isCountable,
            CreditCostRate costRate,
            Optional<Assumptions> assumptions,
            PayableDebts debts,
            Optional<LetHome> home) {}

    private static CaseFrame frame(CaseDocument document, Findings findings) {
        if (document == null) {
            throw CaseException.of("document", Code.MISSING);
        }
        checkFormat(document.format(), findings);
        Needed.text("title", document.title(), 1, MOST_CHARACTERS, findings);
        Needed.text("clients", document.clients(), 0, MOST_CHARACTERS, findings);
        Needed.isThere("currency", document.currency(), findings);
        if (document.conclusion() != null) {
            Needed.prose("conclusion", document.conclusion(), MOST_OF_CONCLUSION, findings);
        }
        if (document.recommended() != null) {
            Needed.text("recommended", document.recommended(), 1, MOST_CHARACTERS, findings);
        }
        findings.group("", () -> HouseholdReader.read(document));
        HomeReader.check(document.home(), findings);
        Optional<LetHome> home =
                document.letting() == null ? Optional.empty() : findings.group("", () -> LettingReader.read(document));
        PresentPaymentReader.check(document.presentPayment(), findings);
        PricedOnReader.check(document.pricedOn(), findings);
        HandoutReader.check("handout", document.handout(), findings);
        Optional<Assumptions> assumptions = findings.group("assumptions", () -> assumptions(document.assumptions()));
        List<OptionDocument> given = document.options() == null ? List.of() : document.options();
        boolean isCountable =
                findings.group("", () -> CaseFile.checkedCount(given.size())).isPresent();
        if (isCountable) {
            Needed.ids(Field.OPTIONS, given, findings);
        }
        return new CaseFrame(
                isCountable,
                Laws.creditCostRate(Market.of(document)),
                assumptions,
                DebtReader.payable(document.debts(), given, findings),
                home);
    }

    /** Refuses rents above a price. One price is enough: what is wrong is told at the rent. */
    private static void checkRents(LetHome home, List<LoanOption> options, Findings findings) {
        for (LoanOption option : options) {
            if (!home.checkAgainst(option, findings)) {
                return;
            }
        }
    }

    private static Optional<LoanOption> option(CaseDocument document, int index, CaseFrame frame, Findings findings) {
        OptionDocument given = document.options().get(index);
        return given == null
                ? Optional.empty()
                : findings.group(
                        Field.entry(Field.OPTIONS, index),
                        () -> OptionReader.read(given, frame.costRate(), frame.debts()));
    }

    private static Assumptions assumptions(AssumptionsDocument given) {
        Findings findings = new Findings();
        Optional<YearlyChange> homeValue =
                findings.field("homeValuePercent", () -> new YearlyChange(orZero(given.homeValuePercent())));
        Optional<AnnualRate> discount =
                findings.field("discountPercent", () -> AnnualRate.ofPercent(orZero(given.discountPercent())));
        Optional<Percent> tax =
                findings.field("marginalTaxPercent", () -> new Percent(orZero(given.marginalTaxPercent())));
        Optional<LoanTerm> kept = Optional.ofNullable(given.keptMonths())
                .flatMap(months -> findings.field("keptMonths", () -> new LoanTerm(months)));
        findings.throwIfAny();
        return new Assumptions(homeValue.orElseThrow(), discount.orElseThrow(), tax.orElseThrow(), kept);
    }

    private static BigDecimal orZero(BigDecimal percent) {
        return percent == null ? BigDecimal.ZERO : percent;
    }

    private static void checkFormat(Integer format, Findings findings) {
        if (format == null || format != CaseDocument.FORMAT) {
            findings.add(Finding.of(
                    "format",
                    Code.UNKNOWN_FORMAT,
                    new Value.Text(String.valueOf(format)),
                    new Value.Count(CaseDocument.FORMAT)));
        }
    }
}
