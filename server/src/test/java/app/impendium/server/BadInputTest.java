package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is sent, the answer says what is wrong with which field, and the log gets one line. */
class BadInputTest {
    private static final Client BEA = Client.signedIn(Client.BEA);

    private final Logger root = (Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME);
    private final ListAppender<ILoggingEvent> log = new ListAppender<>();

    @BeforeEach
    void listen() {
        log.start();
        root.addAppender(log);
    }

    @AfterEach
    void stopListening() {
        root.detachAppender(log);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "financing.priceCents | 0            | 0.00 is not allowed here, only 0.01 to 999,999,999.99.",
                "financing.priceCents | -5           | -0.05 is not allowed here, only 0.01 to 999,999,999.99.",
                "financing.priceCents | 100000000000 | 1,000,000,000.00 is not allowed here, only 0.01 to 999,999,999.99.",
                "financing.down | {\"percent\":101} | 101 % is not allowed here, only 0 % to 100 %.",
                "financing.down | {\"percent\":-1} | -1 % is not allowed here, only 0 % to 100 %.",
                "terms.ratePercent | 30.000001    | 30.000001 % is not allowed here, only 0 % to 30 %.",
                "terms.ratePercent | 6.1234567    | 6.1234567 % is not allowed here, only at most 6 decimals.",
                "terms.ratePercent | null         | A value is missing here.",
                "terms.amortizationMonths | 0            | 0 months is not allowed here, only 1 month to 50 years.",
                "terms.amortizationMonths | -12          | -12 months is not allowed here, only 1 month to 50 years.",
                "terms.amortizationMonths | 4800         | 400 years is not allowed here, only 1 month to 50 years.",
                "financing.down | {}        | A value is missing here.",
                "financing.down | {\"percent\":5,\"cents\":5} | Only one of the two can be given here, not both.",
                "financing      | null      | A value is missing here.",
                "terms          | null      | A value is missing here.",
                "id             | null      | A value is missing here.",
                "id             | \"é\" | é is not allowed here, only 1 to 40 letters, digits and hyphens.",
                "features.extras | [null]   | A value is missing here.",
                "features.paymentSteps | [null] | A value is missing here.",
                "features.rateChanges  | [null] | A value is missing here."
            })
    void refusesAFigureOutsideItsMeaning(String member, String json, String message) {
        Answer answer = evaluate(Documents.purchaseWith(member, json).toString());

        assertThat(answer.status()).isEqualTo(422);
        String pointer = member.replace('.', '/') + (json.startsWith("[") ? "/0" : "");
        assertThat(answer.messageAt("/options/0/" + pointer)).isEqualTo(message);
        assertThat(log.list).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "financing.priceCents | \"abc\"        | this value is not allowed here, only a whole number.",
                "financing.priceCents | \"123\"        | this value is not allowed here, only a whole number.",
                "financing.priceCents | 1e308          | 1E+308 is not allowed here, only a whole number.",
                "financing.priceCents | 100.5          | 100.5 is not allowed here, only a whole number.",
                "terms.ratePercent | \"six\"        | this value is not allowed here, only a number of at most 40 digits.",
                "terms.firstPayment | \"2027-02-30\" | 2027-02-30 is not allowed here, only a date from 1990 to 2150, such as 2027-03-01.",
                "terms.firstPayment | \"1066-10-14\" | 1066-10-14 is not allowed here, only a date from 1990 to 2150, such as 2027-03-01.",
                "terms.firstPayment | \"9999-12-31\" | 9999-12-31 is not allowed here, only a date from 1990 to 2150, such as 2027-03-01.",
                "terms.rounding | \"DOWN\"       | DOWN is not allowed here, only one of NEAREST_CENT, UP_TO_CENT.",
                "terms.rounding | 0              | 0 is not allowed here, only one of NEAREST_CENT, UP_TO_CENT.",
                "housing | []             | this value is not allowed here, only an object of the format.",
                "financing.kind | \"LEASE\" | LEASE is not allowed here, only one of PURCHASE, LOAN_ONLY, REFINANCING.",
                "financing.loanCents | 5 | the field loanCents is not allowed here, only the fields of the format.",
                "surprise     | 1              | the field surprise is not allowed here, only the fields of the format."
            })
    void refusesAValueOfAnotherKind(String member, String json, String message) {
        Answer answer = evaluate(Documents.purchaseWith(member, json).toString());

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.messageAt("/options/0/" + member.replace('.', '/'))).isEqualTo(message);
        assertThat(log.list).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "null", "{", "[]", "{} {}", "{\"format\":2,\"format\":2}", "\u0000", "<case/>"})
    void refusesWhatIsNotOneJsonDocument(String body) {
        Answer answer = evaluate(body);

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body().get("title").asString()).isEqualTo("The request cannot be read");
        assertThat(log.list).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/assumptions/homeValuePercent | \"assumptions\":{\"homeValuePercent\":1e999999999} | 1E+999999999",
                "/assumptions/homeValuePercent | \"assumptions\":{\"homeValuePercent\":1E2147483648} | 1E+999999999",
                "/assumptions/homeValuePercent | \"assumptions\":{\"homeValuePercent\":-1e99999999999999999999} | 1E+999999999",
                "/assumptions/homeValuePercent | \"assumptions\":{\"homeValuePercent\":0e-10000000} | 0E-10000000",
                "/assumptions/homeValuePercent | \"assumptions\":{\"homeValuePercent\":0e-20000} | 0E-20000",
                "/options/0/terms/ratePercent | \"options\":[{\"terms\":{\"ratePercent\":1e308}}]  | 1E+308",
                "/options/0/terms/ratePercent | \"options\":[{\"terms\":{\"ratePercent\":1e-308}}] | 1E-308"
            })
    void refusesDecimalsOfMoreDigitsThanAnyoneWrites(String pointer, String member, String given) {
        Answer answer = evaluate("{" + member + "}");

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.messageAt(pointer))
                .isEqualTo(given + " is not allowed here, only a number of at most 40 digits.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"format\": 1E2147483648}",
                "{\"surprise\": 1E2147483648}",
                "{\"options\": [{\"financing\": {\"kind\": \"LOAN_ONLY\", \"loanCents\": 1E2147483648}}]}",
                "1E2147483648"
            })
    void noNumberIsTooLargeToBeRefused(String body) {
        assertThat(evaluate(body).status()).isEqualTo(400);
        assertThat(BEA.post("/api/rate-tables", body).status()).isEqualTo(400);
        assertThat(BEA.post("/api/rate-tables", "{\"offers\": [{\"ratePercent\": 1E2147483648}]}")
                        .status())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/cases?search=%", "/api/cases?search=%ff", "/api/clients?search=%c3%28&from=%"})
    void anAddressThatIsNoUtf8IsRefused(String address) {
        String answer = RawRequest.get(address, BEA);

        assertThat(answer).startsWith("HTTP/1.1 400").contains("The address cannot be read");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "features.extras      | 0/firstDay | [{\"how\":\"ONCE\",\"cents\":100,\"firstDay\":\"+999999999-12-31\"}]",
                "features.extras      | 0/lastDay  | [{\"how\":\"EACH_YEAR\",\"cents\":100,\"firstPayment\":1,\"lastDay\":\"+999999999-12-31\"}]",
                "features.rateChanges | 0/fromDay  | [{\"ratePercent\":5,\"fromDay\":\"+999999999-12-31\"}]",
                "closing     | day        | {\"day\":\"+999999999-12-31\"}",
                "closing     | day        | {\"day\":\"-999999999-01-01\"}"
            })
    void refusesFarDaysWhereverTheyStand(String member, String within, String json) {
        ObjectNode document = Documents.purchaseWith("terms.frequency", "\"WEEKLY\"");
        Documents.set(document, member, json);

        Answer answer = evaluate(document.toString());

        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.messageAt("/options/0/" + member.replace('.', '/') + "/" + within))
                .endsWith("is not allowed here, only a date from 1990 to 2150, such as 2027-03-01.");
        assertThat(log.list).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "items          | [{\"id\":\"a\",\"kind\":\"POINTS\",\"amount\":{\"percent\":10.1}}] | items/0/amount | 10.1 % is not allowed here, only 0 % to 10 %.",
                "items          | [{\"id\":\"a\",\"kind\":\"LOAN_FEE\",\"amount\":{\"cents\":-1}}] | items/0/amount | -0.01 is not allowed here, only 0.00 to 999,999,999.99.",
                "items          | [{\"id\":\"a\",\"kind\":\"POINTS\",\"amount\":{\"percent\":1}},{\"id\":\"b\",\"kind\":\"LENDER_CREDIT\",\"amount\":{\"percent\":1}}] | items/1 | A lender credit is paid for a higher rate and points for a lower one: only one of them can be.",
                "upfrontPremium | {\"percent\":10,\"financed\":true} | upfrontPremium/percent | The premium of 95,000,000.00 would make the loan larger than any: at most 50,000,000.00 can be added to a loan of 949,999,999.99."
            })
    void refusesAClosingItemAtItself(String member, String json, String pointer, String message) {
        ObjectNode document = Documents.purchaseWith("closing." + member, json);
        Documents.set(document, "financing.priceCents", "99999999999");
        Documents.set(document, "financing.down", "{\"cents\":5000000000}");

        assertThat(evaluate(document.toString()).messageAt("/options/0/closing/" + pointer))
                .isEqualTo(message);
    }

    @Test
    void namesAllThatIsWrongAtOnce() {
        Answer answer = evaluate("{\"format\":2,\"options\":[{\"financing\":{\"kind\":\"LOAN_ONLY\",\"loanCents\":0},"
                + "\"terms\":{\"ratePercent\":31},"
                + "\"housing\":{\"duesCents\":-1,\"mortgageInsurancePercent\":11}}]}");

        assertThat(answer.body().get("fields").findValuesAsString("pointer"))
                .contains(
                        "/title",
                        "/currency",
                        "/options/0/id",
                        "/options/0/financing/loanCents",
                        "/options/0/terms/ratePercent",
                        "/options/0/terms/amortizationMonths",
                        "/options/0/housing/duesCents",
                        "/options/0/housing/mortgageInsurancePercent");
    }

    @Test
    void refusesAFormatThatItDoesNotKnow() {
        ObjectNode document = Documents.purchase("From the future").put("format", 3);

        assertThat(evaluate(document.toString()).messageAt("/format"))
                .isEqualTo("This case is written in format 3; only formats up to 2 can be read.");
    }

    @Test
    void refusesTextsThatAreTooLongOrCannotBeStored() {
        assertThat(evaluate(Documents.purchase("x".repeat(10_000)).toString()).messageAt("/title"))
                .isEqualTo("This must have 1 to 200 characters, and has 10000.");
        assertThat(evaluate(Documents.purchase("   ").toString()).messageAt("/title"))
                .isEqualTo("This must have 1 to 200 characters, and has 0.");
        assertThat(evaluate(Documents.purchase("a\u0000b").toString()).messageAt("/title"))
                .isEqualTo("This holds characters that cannot be printed.");
        assertThat(evaluate(Documents.purchase("x").toString().replace("\"x\"", "\"\\ud83d\""))
                        .messageAt("/title"))
                .isEqualTo("This holds characters that cannot be printed.");
    }

    @Test
    void refusesABodyOfFiveMegabytesBeforeReadingIt() {
        Answer answer = evaluate("{\"title\":\"" + "x".repeat(5_000_000) + "\"}");

        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.body().get("title").asString()).isEqualTo("The body is too large");
        assertThat(log.list).hasSize(1);
    }

    @Test
    void refusesMoreOptionsThanCanBeShown() {
        String option = Documents.option(Documents.purchase("x")).toString();
        String seven = (option + ",").repeat(6) + option;
        String body = Documents.purchase("x").toString().replace(option, seven);

        assertThat(evaluate(body).messageAt("/options")).isEqualTo("7 is not allowed here, only 1 to 6.");
    }

    @Test
    void refusesAValueThatChangesBeyondReason() {
        var document = Documents.purchase("Castles in the air");
        document.putObject("assumptions").put("homeValuePercent", 20.5);

        assertThat(evaluate(document.toString()).messageAt("/assumptions/homeValuePercent"))
                .isEqualTo("20.5 % is not allowed here, only -20 % to 20 %.");
        assertThat(evaluate(Documents.purchaseWith("name", "\"" + "x".repeat(61) + "\"")
                                .toString())
                        .messageAt("/options/0/name"))
                .isEqualTo("This must have 1 to 60 characters, and has 61.");
    }

    @Test
    void saysWhichTermsGoWithWholePayments() {
        var document = Documents.purchaseWith("terms.frequency", "\"WEEKLY\"");
        Documents.set(document, "terms.amortizationMonths", "331");

        assertThat(evaluate(document.toString()).messageAt("/options/0/terms/amortizationMonths"))
                .isEqualTo("27 years 7 months is not a whole number of these payments: "
                        + "the nearest terms are 27 years 6 months or 27 years 9 months.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"text/plain", "*/*", "application/*", "multipart/form-data", "nonsense", "application/xml"})
    void refusesOtherMediaTypes(String type) {
        Answer answer = BEA.send(BEA.request("/api/evaluations")
                .header("Content-Type", type)
                .POST(java.net.http.HttpRequest.BodyPublishers.ofString("x")));

        assertThat(answer.status()).isEqualTo(415);
        assertIsProblem(answer);
    }

    @Test
    void refusesWhatThereIsNot() {
        Answer wrongMethod = BEA.delete("/api/cases");
        assertThat(wrongMethod.status()).isEqualTo(405);
        assertIsProblem(wrongMethod);
        log.list.clear();
        Answer nothing = BEA.get("/api/nothing");
        assertThat(nothing.status()).isEqualTo(404);
        assertIsProblem(nothing);
        log.list.clear();
        Answer error = BEA.get("/error");
        assertThat(error.status()).isEqualTo(404);
        assertIsProblem(error);
    }

    @Test
    void refusesAnAddressThatTheContainerDoesNotLetThrough() {
        Answer escaped = BEA.get("/api/cases/%2e%2e%2fsecrets");

        assertThat(escaped.status()).isEqualTo(400);
        assertIsProblem(escaped);
    }

    private void assertIsProblem(Answer answer) {
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(answer.body().get("status").asInt()).isEqualTo(answer.status());
        assertThat(log.list).hasSize(1);
    }

    private Answer evaluate(String body) {
        return BEA.post("/api/evaluations", body);
    }
}
