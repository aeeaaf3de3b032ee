package app.impendium.server.handout.compose;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.RunningServer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutDocument.Private;
import app.impendium.server.document.HandoutDocument.ScheduleBy;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.ComparedOptionView;
import app.impendium.server.evaluation.OptionView;
import app.impendium.server.evaluation.ScheduleView;
import app.impendium.server.evaluation.YearView;
import app.impendium.server.handout.DemoCases;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.handout.content.HandoutContent.SectionContent;
import app.impendium.server.words.Writing;
import java.util.List;
import java.util.Locale;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class ComposerTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "weir-house",
                "mill-race",
                "pinfold-yard",
                "harrow-court",
                "tollgate-rise",
                "sorrel-street",
                "cinder-hill",
                "quarry-lane",
                "heron-mews",
                "chandlers-reach",
                "ropewalk-terrace"
            })
    void everyFigureIsThatOfTheEvaluation(String name) {
        CaseDocument document = DemoCases.read(name);
        String said = text(DemoCases.everything(name, ScheduleBy.PAYMENT));

        Writing writing = Writing.of(document);
        assertThat(LongStream.concat(ofLoan(document), ofOptions(document)).mapToObj(writing::amount))
                .allSatisfy(amount -> assertThat(said).contains("\"" + amount + "\""));
    }

    private static LongStream ofLoan(CaseDocument document) {
        OptionView figures = new CaseAnswers(document).option(0);
        ScheduleView schedule = new CaseAnswers(document).schedule(0);
        LongStream totals = LongStream.of(
                figures.paymentCents(),
                figures.loanCents(),
                figures.totalInterestCents(),
                figures.totalPaidCents(),
                figures.lastPaymentCents(),
                figures.housingCost().totalCents(),
                figures.cashToClose().totalCents());
        LongStream lines = Stream.of(schedule.interestCents(), schedule.principalCents(), schedule.balanceCents())
                .flatMap(column -> column.stream().skip(1))
                .mapToLong(Long::longValue);
        return LongStream.concat(totals, lines);
    }

    private static LongStream ofOptions(CaseDocument document) {
        List<ComparedOptionView> options =
                new CaseAnswers(document).comparison().options();
        return options.size() == 1
                ? LongStream.empty()
                : options.stream()
                        .filter(option -> option.figures() != null)
                        .flatMapToLong(option -> LongStream.of(
                                option.figures().paymentCents(),
                                option.kept().costCents(),
                                option.kept().monthCents(),
                                option.kept().balanceCents(),
                                option.figures().totalInterestCents()));
    }

    @Test
    void yearsAddUpToTheWholeLoan() {
        CaseDocument document = DemoCases.read("weir-house");
        String said = text(DemoCases.everything("weir-house", ScheduleBy.YEAR));

        Writing writing = Writing.of(document);
        assertThat(new CaseAnswers(document).option(0).years())
                .extracting(YearView::interestCents)
                .allSatisfy(cents -> assertThat(said).contains("\"" + writing.amount(cents) + "\""));
    }

    @Test
    void withoutIncomesNothingTellsThem() {
        CaseDocument document = DemoCases.read("tollgate-rise");
        String told = text(DemoCases.without("tollgate-rise"));
        String kept = text(DemoCases.without("tollgate-rise", Private.INCOMES));

        List<String> telling = Stream.concat(
                        CaseAnswers.household(document).incomesCents().stream().map(Writing.of(document)::amount),
                        Stream.of("26.67\u00a0%", "31.58\u00a0%", "You earn"))
                .toList();
        assertThat(telling).allSatisfy(words -> assertThat(told).contains(words));
        assertThat(telling).allSatisfy(words -> assertThat(kept).doesNotContain(words));
        assertThat(kept).contains("\"met\"");
    }

    @Test
    void withoutDebtsAndNamesNothingTellsThem() {
        CaseDocument document = DemoCases.read("tollgate-rise");
        String kept = text(DemoCases.without("tollgate-rise", Private.DEBTS, Private.NAMES));

        // What counts the debts tells them beside the incomes and the cost of the home.
        assertThat(kept)
                .doesNotContain("12,060.00", "31.58\u00a0%")
                .contains("26.67\u00a0%")
                .doesNotContain(document.clients());
        assertThat(text(DemoCases.without("tollgate-rise")))
                .contains("12,060.00")
                .contains(document.clients());
    }

    @Test
    void sectionsWithNothingToTellAreLeftOut() {
        assertThat(headings("tollgate-rise"))
                .noneMatch(heading -> heading.startsWith("Letting the home"))
                .anyMatch(heading -> heading.startsWith("What you can afford"));
        assertThat(headings("chandlers-reach")).anyMatch(heading -> heading.startsWith("Letting the home"));
    }

    @Test
    void estimatesAreMarkedWithTheirSource() {
        CaseDocument document = DemoCases.changed(
                "weir-house",
                tree -> ((ObjectNode) tree.at("/options/0/housing"))
                        .putObject("homeInsuranceEstimate")
                        .put("source", "Marrowby Mutual")
                        .put("day", "2026-11-02")
                        .put("simulated", true)
                        .put("lowCents", 90000)
                        .put("highCents", 120000));

        assertThat(text(DemoCases.handout(document, HandoutDocument.USUAL)))
                .contains("Home insurance (simulated estimate)")
                .contains("a simulated estimate by Marrowby Mutual of November 2, 2026, between 900 and 1,200");
    }

    @Test
    void speaksAsTheMarketDoes() {
        String said = text(DemoCases.handout(DemoCases.read("ropewalk-terrace"), HandoutDocument.USUAL))
                .toLowerCase(Locale.ROOT);

        assertThat(said).contains("deposit", "council tax", "aprc").doesNotContain("down payment", "property tax");
    }

    private static List<String> headings(String name) {
        return DemoCases.without(name).sections().stream()
                .map(SectionContent::heading)
                .toList();
    }

    private static String text(HandoutContent content) {
        return RunningServer.bean(JsonMapper.class).writeValueAsString(content);
    }
}
