package app.impendium.server.evaluation;

import app.impendium.core.afford.Debt;
import app.impendium.core.afford.Earned;
import app.impendium.core.afford.Funds;
import app.impendium.core.afford.Household;
import app.impendium.core.afford.Income;
import app.impendium.core.afford.Living;
import app.impendium.core.afford.OtherProperty;
import app.impendium.core.afford.PayPeriod;
import app.impendium.core.afford.Underwriting;
import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Code;
import app.impendium.core.finding.Field;
import app.impendium.core.finding.Field.Entry;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.Findings;
import app.impendium.core.finding.Shortened;
import app.impendium.core.finding.Value;
import app.impendium.core.money.Money;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.DebtDocument;
import app.impendium.server.document.HouseholdDocument;
import app.impendium.server.document.HouseholdDocument.IncomeDocument;
import app.impendium.server.document.HouseholdDocument.PersonDocument;
import app.impendium.server.document.HouseholdDocument.PropertyDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** Reads the people of a case. */
public final class HouseholdReader {
    private static final int MOST_PEOPLE = 10;
    private static final int MOST_NAME_CHARACTERS = 60;
    private static final int MOST_REGION_CHARACTERS = 40;

    private final Findings findings = new Findings();
    private final HouseholdDocument given;

    private HouseholdReader(HouseholdDocument given) {
        this.given = given;
    }

    /**
     * The household of a case, with its debts. What is wrong with a debt by itself is told where debts are read.
     *
     * @throws CaseException if anything said of the people has no meaning, with every finding
     */
    static Household read(CaseDocument document) {
        return new HouseholdReader(document.household()).household(document.debts());
    }

    /**
     * An income by itself, of nobody in particular.
     *
     * @throws CaseException if it has no meaning, with every finding
     */
    public static void checkIncome(IncomeDocument income) {
        new HouseholdReader(HouseholdDocument.NONE).income(income);
    }

    private Household household(List<DebtDocument> owed) {
        people();
        List<Income> incomes = entries(Field.INCOMES, given.incomes(), this::income);
        List<OtherProperty> properties = entries(Field.OTHER_PROPERTIES, given.properties(), HouseholdReader::property);
        Optional<Funds> funds = findings.group(
                "",
                () -> new Funds(
                        Needed.money(given.atHandCents()),
                        Needed.money(given.giftsCents()),
                        Needed.money(given.mustStayCents())));
        if (given.region() != null) {
            Needed.text("household.region", given.region(), 1, MOST_REGION_CHARACTERS, findings);
        }
        if (given.limitSet() != null) {
            Needed.text("household.limitSet", given.limitSet(), 1, MOST_REGION_CHARACTERS, findings);
        }
        if (given.housingTodayCents() != null) {
            findings.field(
                    "household.housingTodayCents",
                    () -> Money.ofCents(given.housingTodayCents()).within(Money.ZERO, Money.LARGEST, ""));
        }
        Optional<Living> living = findings.group(
                "",
                () -> new Living(
                        given.size() == null ? 1 : given.size(),
                        Optional.ofNullable(given.region()),
                        Optional.ofNullable(given.incomeTaxCents()).map(Money::ofCents),
                        Optional.ofNullable(given.upkeepCents()).map(Money::ofCents)));
        List<Debt> debts = owed.stream()
                .filter(Objects::nonNull)
                .map(HouseholdReader::countable)
                .flatMap(Optional::stream)
                .toList();
        findings.throwIfAny();
        return new Household(
                incomes,
                debts,
                properties,
                funds.orElseThrow(),
                living.orElseThrow(),
                Optional.ofNullable(given.score()),
                given.underwriting() == null
                        ? Underwriting.MANUAL
                        : CoreNames.of(Underwriting.class, given.underwriting()));
    }

    private void people() {
        String list = "household.people";
        findings.inRange(list, given.people().size(), 0, MOST_PEOPLE);
        Needed.ids(list, given.people(), findings);
        for (int i = 0; i < given.people().size(); i++) {
            PersonDocument person = given.people().get(i);
            if (person != null) {
                Needed.text(Field.entry(list, i) + ".name", person.name(), 1, MOST_NAME_CHARACTERS, findings);
            }
        }
    }

    private <D extends app.impendium.server.document.Entry, T> List<T> entries(
            String list, List<D> documents, Function<D, T> read) {
        Needed.ids(list, documents, findings);
        List<T> entries = new ArrayList<>();
        for (int i = 0; i < documents.size(); i++) {
            D entry = documents.get(i);
            if (entry != null) {
                findings.group(Field.entry(list, i), () -> read.apply(entry)).ifPresent(entries::add);
            }
        }
        return entries;
    }

    private Income income(IncomeDocument income) {
        Findings own = new Findings();
        Needed.text("name", income.name(), 0, MOST_NAME_CHARACTERS, own);
        boolean isKnown = income.person() == null
                || given.people().stream()
                        .anyMatch(person -> person != null && income.person().equals(person.id()));
        if (!isKnown) {
            own.add(Finding.of("person", Code.UNKNOWN_PERSON, new Value.Text(Shortened.echo(income.person()))));
        }
        Optional<Earned> earned = own.group("", () -> earned(income));
        Optional<Long> cents = Needed.value(Entry.AMOUNT, income.cents(), own);
        own.throwIfAny();
        BigDecimal counted = income.countedPercent() == null ? BigDecimal.valueOf(100) : income.countedPercent();
        return new Income(Money.ofCents(cents.orElseThrow()), earned.orElseThrow(), counted);
    }

    private static Earned earned(IncomeDocument income) {
        if (income.per() != null && income.hoursPerWeek() != null) {
            throw CaseException.of(
                    Entry.HOURS,
                    Code.NOT_BOTH,
                    new Value.Text(income.hoursPerWeek().toPlainString()));
        }
        if (income.hoursPerWeek() != null) {
            return new Earned.Hourly(income.hoursPerWeek());
        }
        if (income.per() == null) {
            throw CaseException.of("per", Code.MISSING);
        }
        return new Earned.Each(CoreNames.of(PayPeriod.class, income.per()));
    }

    private static OtherProperty property(PropertyDocument property) {
        Findings own = new Findings();
        Needed.text("name", property.name(), 0, MOST_NAME_CHARACTERS, own);
        own.throwIfAny();
        return new OtherProperty(Needed.money(property.rentCents()), Needed.money(property.outgoingsCents()));
    }

    private static Optional<Debt> countable(DebtDocument debt) {
        try {
            return Optional.of(DebtReader.counted(debt));
        } catch (CaseException toldWhereDebtsAreRead) {
            return Optional.empty();
        }
    }
}
