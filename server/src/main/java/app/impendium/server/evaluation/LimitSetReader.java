package app.impendium.server.evaluation;

import app.impendium.core.afford.Condition;
import app.impendium.core.afford.DebtRule;
import app.impendium.core.afford.Limit;
import app.impendium.core.afford.LimitSet;
import app.impendium.core.afford.LimitTest;
import app.impendium.core.afford.Measure;
import app.impendium.core.afford.StressedRate;
import app.impendium.core.afford.Underwriting;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Limits;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.core.money.Percent;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.LimitSetDocument.ByHouseholdDocument;
import app.impendium.server.document.LimitSetDocument.ConditionDocument;
import app.impendium.server.document.LimitSetDocument.LimitTestDocument;
import app.impendium.server.document.LimitSetDocument.RegionDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Turns a limit set as it is written into the one that the computation knows. */
public final class LimitSetReader {
    private static final int MOST_SETS = 50;
    private static final int MOST_NAME_CHARACTERS = 60;
    private static final int MOST_WORD_CHARACTERS = 40;
    private static final int MOST_SOURCE_CHARACTERS = 200;
    private static final int MOST_REGIONS = 20;
    private static final int MOST_SIZES = 10;
    private static final int MOST_PEOPLE = 20;
    private static final int MOST_CONDITIONS = 5;
    private static final BigDecimal MOST_OF_A_FACT = BigDecimal.valueOf(1000);
    private static final Money MOST_LEFT_OVER = Money.of("100000.00");

    private final Findings findings = new Findings();

    private LimitSetReader() {}

    /**
     * The limit set of a document.
     *
     * @throws CaseException if anything in it has no meaning, with every finding
     */
    public static LimitSet read(LimitSetDocument document) {
        return new LimitSetReader().set(document);
    }

    /**
     * The limit sets of a list.
     *
     * @throws CaseException if there are too many, or anything in them has no meaning, with every finding
     */
    static List<LimitSet> all(String list, List<LimitSetDocument> given) {
        Findings findings = new Findings();
        findings.inRange(list, given.size(), 0, MOST_SETS);
        findings.throwIfAny();
        List<LimitSet> sets = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            LimitSetDocument set = given.get(i);
            String path = Field.entry(list, i);
            if (Needed.isThere(path, set, findings)) {
                findings.group(path, () -> read(set)).ifPresent(sets::add);
            }
        }
        findings.throwIfAny();
        return sets;
    }

    private LimitSet set(LimitSetDocument document) {
        Needed.text("name", document.name(), 1, MOST_NAME_CHARACTERS, findings);
        Needed.isThere("market", document.market(), findings);
        Needed.text("frontName", document.frontName(), 1, MOST_WORD_CHARACTERS, findings);
        Needed.text("backName", document.backName(), 1, MOST_WORD_CHARACTERS, findings);
        Needed.text("source", document.source(), 1, MOST_SOURCE_CHARACTERS, findings);
        Needed.isThere("day", document.day(), findings);
        Optional<StressedRate> stressed = StressedRateReader.read(document.stressed(), findings);
        Optional<Integer> leftOut = Needed.value(Limits.LEFT_OUT_AT_MOST, document.leftOutAtMostPayments(), findings);
        Optional<Percent> share = percent("balanceSharePercent", document.balanceSharePercent());
        Optional<Percent> rent = percent("rentCountedPercent", document.rentCountedPercent());
        Optional<Integer> years = Needed.value(Limits.LONGEST_TERM, document.longestTermYears(), findings);
        List<LimitTest> tests = Needed.entries(Limits.TESTS, document.tests(), LimitSetReader::test, findings);
        findings.throwIfAny();
        return new LimitSet(
                tests,
                stressed.orElseThrow(),
                new DebtRule(leftOut.orElseThrow(), share.orElseThrow()),
                rent.orElseThrow(),
                years.orElseThrow());
    }

    private Optional<Percent> percent(String path, BigDecimal given) {
        return Needed.value(path, given, findings).flatMap(value -> findings.field(path, () -> new Percent(value)));
    }

    private static LimitTest test(LimitTestDocument given) {
        Findings findings = new Findings();
        Optional<Measure> measure =
                Needed.value("measure", given.measure(), findings).map(named -> CoreNames.of(Measure.class, named));
        Optional<Limit> limit = findings.group("", () -> limit(given));
        findings.inRange("conditions", given.conditions().size(), 0, MOST_CONDITIONS);
        List<Condition> conditions =
                Needed.entries("conditions", given.conditions(), LimitSetReader::condition, findings);
        findings.throwIfAny();
        boolean isTable = limit.orElseThrow() instanceof Limit.ByHousehold;
        if (isTable && measure.orElseThrow() != Measure.RESIDUAL_INCOME) {
            throw CaseException.of(Limits.LIMIT, Code.MISSING);
        }
        return new LimitTest(measure.orElseThrow(), limit.orElseThrow(), conditions);
    }

    private static Limit limit(LimitTestDocument given) {
        if (given.limit() != null && given.byHousehold() != null) {
            throw CaseException.of(
                    Limits.LIMIT, Code.NOT_BOTH, new Value.Text(given.limit().toPlainString()));
        }
        if (given.byHousehold() != null) {
            return byHousehold(given.byHousehold());
        }
        if (given.limit() == null) {
            throw CaseException.of(Limits.LIMIT, Code.MISSING);
        }
        return new Limit.Fixed(given.limit());
    }

    private static Limit byHousehold(ByHouseholdDocument given) {
        Findings findings = new Findings();
        String list = "byHousehold.regions";
        findings.someIn(list, given.regions().size(), MOST_REGIONS);
        if (Needed.isThere("byHousehold.mostPeople", given.mostPeople(), findings)) {
            findings.inRange("byHousehold.mostPeople", given.mostPeople(), 1, MOST_PEOPLE);
        }
        List<Limit.Row> rows = Needed.entries(list, given.regions(), LimitSetReader::row, findings);
        Set<String> seen = new HashSet<>();
        rows.stream()
                .map(Limit.Row::region)
                .filter(region -> !seen.add(region))
                .forEach(twice ->
                        findings.add(Finding.of(list, Code.REGION_TWICE, new Value.Text(Shortened.echo(twice)))));
        findings.throwIfAny();
        return new Limit.ByHousehold(rows, given.mostPeople());
    }

    private static Limit.Row row(RegionDocument given) {
        Findings findings = new Findings();
        Needed.text("region", given.region(), 1, MOST_WORD_CHARACTERS, findings);
        findings.inRange("bySizeCents", given.bySizeCents().size(), 1, MOST_SIZES);
        List<Money> amounts = new ArrayList<>();
        for (int i = 0; i < given.bySizeCents().size(); i++) {
            amount(Field.entry("bySizeCents", i), given.bySizeCents().get(i), findings)
                    .ifPresent(amounts::add);
        }
        Optional<Money> further = amount("perFurtherCents", given.perFurtherCents(), findings);
        findings.throwIfAny();
        return new Limit.Row(given.region(), amounts, further.orElseThrow());
    }

    private static Optional<Money> amount(String path, Long cents, Findings findings) {
        return Needed.value(path, cents, findings)
                .flatMap(given ->
                        findings.group("", () -> Money.ofCents(given).within(Money.ZERO, MOST_LEFT_OVER, path)));
    }

    private static Condition condition(ConditionDocument given) {
        Findings findings = new Findings();
        if (given.underwriting() != null) {
            return new Condition.By(CoreNames.of(Underwriting.class, given.underwriting()));
        }
        Needed.isThere("bound", given.bound(), findings);
        Optional<Condition.Fact> fact =
                Needed.value("fact", given.fact(), findings).map(named -> CoreNames.of(Condition.Fact.class, named));
        Optional<BigDecimal> value = Needed.value("value", given.value(), findings);
        value.filter(number -> number.signum() < 0 || number.compareTo(MOST_OF_A_FACT) > 0)
                .ifPresent(number -> findings.add(Finding.of(
                        "value",
                        Code.OUT_OF_RANGE,
                        new Value.Text(number.toPlainString()),
                        new Value.Count(0),
                        new Value.Text(MOST_OF_A_FACT.toPlainString()))));
        findings.throwIfAny();
        return switch (given.bound()) {
            case FROM -> new Condition.From(fact.orElseThrow(), value.orElseThrow());
            case UP_TO -> new Condition.UpTo(fact.orElseThrow(), value.orElseThrow());
            case BELOW -> new Condition.Below(fact.orElseThrow(), value.orElseThrow());
            case ABOVE -> new Condition.Above(fact.orElseThrow(), value.orElseThrow());
        };
    }
}
