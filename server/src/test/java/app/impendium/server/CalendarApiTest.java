package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.handout.DemoCases;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The days of a loan as a calendar, read by another program's reader. */
class CalendarApiTest {
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final UUID CASE = UUID.fromString("5b0d2f5e-0a52-4a3c-9d3a-6c1f7e0a9b11");

    @Test
    void holdsTheDaysWithReminders() {
        CaseDocument document = DemoCases.read("cinder-hill");
        Answer answer = asked(CASE, json(document), 0);
        Calendar calendar = calendar(answer);

        assertThat(answer.header("Content-Type")).startsWith("text/calendar");
        assertThat(answer.header("Content-Disposition")).endsWith(".ics");
        calendar.validate();
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events)
                .hasSizeGreaterThan(1)
                .allSatisfy(event -> assertThat(event.getAlarms()).hasSize(1));
        assertThat(first(calendar).getSummary().getValue()).startsWith("First payment: ");
        assertThat(first(calendar).getDateTimeStart().getDate())
                .isEqualTo(new CaseAnswers(document).option(0).firstPaymentDate());
    }

    @Test
    void tellsOfTheFirstPaymentWhatIsDue() {
        assertThat(firstPaymentWith("features.interestOnlyPayments", "24")).isEqualTo("1,218.23 is due.");
        assertThat(firstPaymentWith(
                        "housing",
                        "{\"propertyTax\": {\"cents\": 360000}, \"homeInsuranceCents\": 120000, \"escrowed\": true}"))
                .isEqualTo("2,032.21 is due: 1,632.21 for the loan, 400.00 for taxes and insurance.");
        assertThat(firstPaymentWith("housing", "{\"mortgageInsurancePercent\": 0.6}"))
                .isEqualTo("1,765.11 is due: 1,632.21 for the loan, 132.90 for mortgage insurance.");
    }

    private static String firstPaymentWith(String path, String json) {
        return first(calendar(asked(CASE, Documents.purchaseWith(path, json), 0)))
                .getDescription()
                .getValue();
    }

    @Test
    void tellsWhatGoesToTheLenderAMonthWhereFewerOrMorePaymentsAreDue() {
        ObjectNode document = Documents.purchaseWith("terms.frequency", "\"BIWEEKLY\"");
        Documents.set(document, "housing", "{\"homeInsuranceCents\": 120000, \"escrowed\": true}");

        assertThat(first(calendar(asked(CASE, document, 0))).getDescription().getValue())
                .isEqualTo("752.40 is due for the loan; 100.00 a month goes to the lender for taxes and insurance.");
    }

    @Test
    void tellsWhatIsDueInATemporaryBuydown() {
        CaseDocument document = DemoCases.read("quarry-lane");
        for (int option = 0; option < document.options().size(); option++) {
            long due = new CaseAnswers(document).option(option).toLenderCents();
            assertThat(first(calendar(asked(CASE, json(document), option)))
                            .getDescription()
                            .getValue()
                            .replace(",", ""))
                    .startsWith(due / 100 + "." + "%02d".formatted(due % 100));
        }
    }

    @Test
    void aDayThatMovesIsTheSameDay() {
        ObjectNode document = json(DemoCases.read("cinder-hill"));
        List<String> before = identities(calendar(asked(CASE, document, 0)));
        document.put("title", "Another title");
        ((ObjectNode) document.at("/options/0/terms")).put("firstPayment", "2031-05-01");

        assertThat(identities(calendar(asked(CASE, document, 0)))).isEqualTo(before);
    }

    @Test
    void theDaysOfOtherOptionsAndCasesAreOthers() {
        ObjectNode document = json(DemoCases.read("quarry-lane"));
        Set<String> all = new HashSet<>();
        List<List<String>> each = List.of(
                identities(calendar(asked(CASE, document, 0))),
                identities(calendar(asked(CASE, document, 1))),
                identities(calendar(asked(UUID.randomUUID(), document, 0))));
        each.forEach(all::addAll);

        assertThat(all).hasSize(each.stream().mapToInt(List::size).sum());
    }

    @Test
    void noLineIsLongerThan75OctetsAndNoCharacterIsDivided() {
        ObjectNode document = json(DemoCases.read("cinder-hill"));
        String title = "Möwenstraße 12, überm Hügel \uD83C\uDFE0 ".repeat(2).strip();
        document.put("title", title);
        Answer answer = asked(CASE, document, 0);

        assertThat(answer.response().body().split("\r\n"))
                .allSatisfy(line ->
                        assertThat(line.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(75));
        assertThat(first(calendar(answer)).getSummary().getValue()).isEqualTo("First payment: " + title);
    }

    private static Answer asked(UUID caseId, ObjectNode document, int option) {
        ObjectNode body = new JsonMapper().createObjectNode();
        body.set("document", document);
        return BEA.post("/api/open-data/calendar?option=" + option + "&caseId=" + caseId, body.toString());
    }

    private static ObjectNode json(CaseDocument document) {
        return (ObjectNode)
                new JsonMapper().readTree(RunningServer.bean(JsonMapper.class).writeValueAsString(document));
    }

    private static Calendar calendar(Answer answer) {
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        try {
            return new CalendarBuilder()
                    .build(new StringReader(answer.response().body()));
        } catch (IOException | ParserException e) {
            throw new AssertionError(answer.response().body(), e);
        }
    }

    private static VEvent first(Calendar calendar) {
        List<VEvent> events = calendar.getComponents("VEVENT");
        return events.get(0);
    }

    private static List<String> identities(Calendar calendar) {
        List<VEvent> events = calendar.getComponents("VEVENT");
        return events.stream()
                .map(event -> event.getUid().orElseThrow().getValue())
                .toList();
    }
}
