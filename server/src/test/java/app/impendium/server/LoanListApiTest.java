package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Lists of loans brought in from separated values, each line a case, but for those that cannot be read. */
class LoanListApiTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String LISTS = "/api/loan-lists";
    private static final String READING = LISTS + "/reading";
    private static final String HEAD = "case,clients,loan amount,rate,years,first payment\n";

    private final Client client = own();

    @Test
    void saysWhatWouldComeInAndKeepsNothingOfIt() {
        JsonNode outcome = outcome(READING, HEAD + """
                Fern Rise 1,Ida Wren,250000,6.5,30,2021-03-01
                "Fern Rise 2, rear",,"187,500.50",5.875 %,15,3/1/2022
                """);

        assertThat(outcome.at("/count").asInt()).isEqualTo(2);
        assertThat(outcome.at("/faultCount").asInt()).isZero();
        assertThat(outcome.at("/loans/0/paymentCents").asLong()).isEqualTo(payment(25_000_000, "6.5", 360));
        assertThat(outcome.at("/loans/1/title").asString()).isEqualTo("Fern Rise 2, rear");
        assertThat(outcome.at("/loans/1/loanCents").asLong()).isEqualTo(18_750_050);
        assertThat(outcome.at("/loans/1/payoffDate").asString()).isEqualTo("2037-02-01");
        assertThat(cases()).isZero();
    }

    @Test
    void saysWhichNamesAreOneClient() {
        outcome(LISTS, HEAD + "Fern Rise 3,Odile Wren,250000,6.5,30,2021-03-01\n");
        String list = HEAD + """
                Fern Rise 4,ODILE WREN,250000,6.5,30,2021-03-01
                Fern Rise 5,Ida Wren,250000,6.5,30,2021-03-01
                Fern Rise 6,ida wren,250000,6.5,30,2021-03-01
                Fern Rise 7,Otto Wren,250000,6.5,30,2021-03-01
                """;

        for (String address : List.of(READING, LISTS)) {
            JsonNode outcome = outcome(address, list);

            assertThat(outcome.at("/sharedCount").asInt()).isEqualTo(2);
            assertThat(outcome.at("/shared/0/cases").asInt()).isEqualTo(2);
            assertThat(outcome.at("/shared/0/isKnown").asBoolean()).isFalse();
            assertThat(outcome.at("/shared/1/name").asString()).isEqualTo("ODILE WREN");
            assertThat(outcome.at("/shared/1/isKnown").asBoolean()).isTrue();
        }
        assertThat(client.get("/api/clients?search=wren").body().at("/total").asInt())
                .isEqualTo(3);
    }

    @Test
    void keepsEachLineAsACaseWithTheUsualTerms() {
        JsonNode outcome = outcome(LISTS, """
                title;borrower;purchase price;down;interest rate;term in months
                Quay 7;Odile Roos;400.000,00;20 %;6,25;360
                Quay 9;;310000;62000,50;6,25;360
                """);

        assertThat(outcome.at("/count").asInt()).isEqualTo(2);
        JsonNode found = client.get("/api/cases?search=quay").body();
        assertThat(found.at("/total").asInt()).isEqualTo(2);
        assertThat(found.at("/cases")
                        .valueStream()
                        .map(kept -> kept.at("/monthlyCostCents").asLong()))
                .contains(payment(32_000_000, "6.25", 360));
        JsonNode opened =
                client.get("/api/cases/" + found.at("/cases/0/id").asString()).body();
        assertThat(opened.at("/document/options/0/terms/compounding").asString())
                .isEqualTo("MONTHLY");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Fern,Ida,250000,31,30, | /lines/3/rate",
                "Fern,Ida,250000,six,30, | /lines/3/rate",
                "Fern,Ida,-5,6,30, | /lines/3/loan amount",
                "Fern,Ida,,6,30, | /lines/3/loan amount",
                "Fern,Ida,250000,6,51, | /lines/3/years",
                "Fern,Ida,250000,6,1.3, | /lines/3/years",
                "Fern,Ida,250000,6,30,31/31/2021 | /lines/3/first payment",
                ",Ida,250000,6,30, | /lines/3/case",
                "Fern,Ida,99999999999999,6,30, | /lines/3/loan amount",
                "Fern | /lines/3/loan amount"
            })
    void whatIsWrongIsToldAtItsLineAndColumnAndThatLineIsLeftOut(String line, String pointer) {
        String list = HEAD + "Fern Rise,Ida,250000,6,30,\n" + line + "\n";

        JsonNode outcome = outcome(LISTS, list);

        assertThat(outcome.at("/faults")
                        .valueStream()
                        .map(fault -> fault.at("/pointer").asString()))
                .contains(pointer);
        assertThat(outcome.at("/faults/0/message").asString()).isNotBlank();
        assertThat(outcome.at("/faultyLines").asInt()).isEqualTo(1);
        assertThat(outcome.at("/count").asInt()).isEqualTo(1);
        assertThat(cases()).isEqualTo(1);
    }

    @Test
    void faultyLinesAreAFileThatIsReadOnceItIsMended() {
        String list = "Akte;Wert A;Satz;Jahre\nFern Rise;250000;6,5;30\n-Rear;250000;sechs;30\n";
        String byHand = """
                {"case": "Akte", "loan amount": "Wert A", "rate": "Satz", "years": "Jahre"}""";

        String faulty =
                client.post(LISTS + "/faulty", body(list, byHand)).response().body();

        assertThat(faulty)
                .startsWith("\ufeffAkte,Wert A,Satz,Jahre,what is wrong\r\n'-Rear,250000,sechs,30,")
                .doesNotContain("Fern Rise");
        JsonNode outcome = last(client.post(LISTS, body(faulty.replace("sechs", "6.5"), byHand)));
        assertThat(outcome.at("/count").asInt()).isEqualTo(1);
        assertThat(outcome.at("/loans/0/title").asString()).isEqualTo("-Rear");
    }

    @Test
    void columnsThatTheirNamesDoNotTellAreMatchedByHand() {
        String list = "Akte;Wert A;Satz;Jahre\nFern Rise;250000;6,5;30\n";

        Answer refused = client.post(READING, body(list, "{}"));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("/lines/1")).startsWith("The first line must name the columns");
        assertThat(refused.body().at("/columns/found").valueStream().map(JsonNode::asString))
                .containsExactly("Akte", "Wert A", "Satz", "Jahre");
        assertThat(refused.body().at("/columns/wanted/0/name").asString()).isEqualTo("case");
        assertThat(refused.body().at("/columns/wanted/0/heading").isNull()).isTrue();

        JsonNode outcome = last(client.post(READING, body(list, """
                {"case": "Akte", "loan amount": "Wert A", "rate": "Satz", "years": "Jahre", "price": ""}""")));
        assertThat(outcome.at("/loans/0/paymentCents").asLong()).isEqualTo(payment(25_000_000, "6.5", 360));
    }

    @Test
    void debtsAndIncomesAreMatchedByOtherNamesAndByHandToo() {
        JsonNode debts = client.post(
                        "/api/household/debts/csv",
                        body("Creditor,Monthly payment,Outstanding\nHeron card,120,2400\n", "{}"))
                .body();
        assertThat(debts.at("/0/paymentCents").asInt()).isEqualTo(12000);

        String list = "Lohn,Betrag,Je\nWage,4000,month\n";
        assertThat(client.post("/api/household/incomes/csv", body(list, "{}"))
                        .body()
                        .at("/columns/found"))
                .hasSize(3);
        JsonNode incomes = client.post(
                        "/api/household/incomes/csv",
                        body(list, "{\"income\": \"Lohn\", \"amount\": \"Betrag\", \"per\": \"Je\"}"))
                .body();
        assertThat(incomes.at("/0/income/cents").asInt()).isEqualTo(400_000);
    }

    @ParameterizedTest
    @CsvSource({"'',422", "'case,loan amount,rate,years\n',422", "'case,rate,years\nA,6,30\n',422"})
    void whatIsNoListIsRefused(String text, int status) {
        assertThat(client.post(LISTS, body(text, "{}")).status()).isEqualTo(status);
    }

    @Test
    void fiftyThousandLinesAreReadWithProgressAndOneMoreIsRefused() {
        String many = lines(50_000);

        List<JsonNode> steps = steps(client.post(READING, body(HEAD + many, "{}")));

        assertThat(steps).hasSize(51);
        assertThat(steps.get(9).at("/done").asInt()).isEqualTo(10_000);
        assertThat(steps.get(9).at("/of").asInt()).isEqualTo(50_000);
        assertThat(steps.get(50).at("/outcome/count").asInt()).isEqualTo(50_000);
        assertThat(client.post(READING, body(HEAD + many + "one,too,1000,6,30,\n", "{}"))
                        .messageAt("/lines"))
                .contains("50001");
    }

    @Test
    void whoeverStopsListeningStopsItAndNothingIsKept() throws IOException {
        String body = body(HEAD + lines(20_000), "{}");
        URI server = URI.create(RunningServer.url());
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            socket.getOutputStream().write(request(body).getBytes(StandardCharsets.UTF_8));
            BufferedReader answer =
                    new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            String line = answer.readLine();
            while (line != null && !line.contains("KEEPING")) {
                line = answer.readLine();
            }
            assertThat(line).isNotNull();
            socket.setSoLinger(true, 0);
        }

        // The table can be had alone once what was broken off has ended, one way or the other.
        RunningServer.bean(JdbcTemplate.class).execute("begin; lock table case_file in share mode; commit");
        assertThat(cases()).isZero();
    }

    @Test
    void belongsToItsPractice() {
        outcome(LISTS, HEAD + "Unseen elsewhere,Ida,250000,6,30,\n");

        assertThat(own().get("/api/cases").body().at("/total").asInt()).isZero();
        assertThat(new Client().post(LISTS, body(HEAD, "{}")).status()).isIn(401, 403);
    }

    private String request(String body) {
        return "POST " + LISTS + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n"
                + "Content-Type: application/json\r\nContent-Length: " + body.length()
                + "\r\nCookie: impendium-session="
                + client.cookie("impendium-session").orElseThrow() + "; XSRF-TOKEN="
                + client.cookie("XSRF-TOKEN").orElseThrow() + "\r\nX-XSRF-TOKEN: "
                + client.cookie("XSRF-TOKEN").orElseThrow() + "\r\n\r\n" + body;
    }

    private static String lines(int many) {
        return IntStream.range(0, many)
                .mapToObj(i -> "Loan " + i + ",Client " + i + "," + (60_000 + i) + ",6.125,30,2022-05-01\n")
                .collect(Collectors.joining());
    }

    private static int counter;

    private static Client own() {
        counter++;
        return Client.ofOwnPractice("Lister " + counter, "lister" + counter + "@lists.example");
    }

    private int cases() {
        return client.get("/api/cases").body().at("/total").asInt();
    }

    private JsonNode outcome(String address, String text) {
        return last(client.post(address, body(text, "{}")));
    }

    private static JsonNode last(Answer answer) {
        List<JsonNode> steps = steps(answer);
        return steps.get(steps.size() - 1).get("outcome");
    }

    private static List<JsonNode> steps(Answer answer) {
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        return answer.response().body().lines().map(JSON::readTree).toList();
    }

    private static String body(String text, String columns) {
        ObjectNode body = JSON.createObjectNode().put("text", text);
        body.set("columns", JSON.readTree(columns));
        return body.toString();
    }

    /** The payment of a loan as a case of its own says it. */
    private long payment(long cents, String rate, int months) {
        ObjectNode document = Documents.purchase("Alone");
        Documents.option(document)
                .set("financing", Documents.json("{\"kind\": \"LOAN_ONLY\", \"loanCents\": " + cents + "}"));
        Documents.set(document, "terms.ratePercent", rate);
        Documents.set(document, "terms.amortizationMonths", String.valueOf(months));
        return client.post("/api/evaluations", document.toString())
                .body()
                .at("/options/0/paymentCents")
                .asLong();
    }
}
