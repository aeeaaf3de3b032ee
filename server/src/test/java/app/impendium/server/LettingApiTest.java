package app.impendium.server;

import static app.impendium.server.LettingDocuments.cents;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Let homes through the front door. */
class LettingApiTest {
    private static final String ADDRESS = "/api/letting/0";
    private static final Client BEA = Client.signedIn(Client.BEA);

    static Stream<GoldenCase> letting() {
        return GoldenCases.of("letting");
    }

    static Stream<GoldenCase> rental() {
        return GoldenCases.of("rental");
    }

    @ParameterizedTest
    @MethodSource("letting")
    void tellsWhatAProgrammeLends(GoldenCase golden) {
        JsonNode input = golden.input();
        JsonNode expect = golden.expect();
        ObjectNode home = LettingDocuments.home(input);

        JsonNode answer = ask(LettingDocuments.question(home, LettingDocuments.programme(input, "OUTGOINGS")));

        assertThat(answer.at("/loan/totalCents").asLong()).isEqualTo(cents(expect.get("outgoingsPerMonth")));
        JsonNode chosen = answer.get("chosen");
        assertThat(chosen.get("countedCents").asLong()).isEqualTo(cents(expect.get("rentCounted")));
        assertThat(chosen.get("cover").decimalValue())
                .isEqualByComparingTo(expect.get("coverageRatio").decimalValue().setScale(2, RoundingMode.HALF_UP));
        assertThat(chosen.at("/lending/loanCents").asLong())
                .isEqualTo(100 * expect.get("largestLoan").asLong());
        assertThat(chosen.at("/lending/ratePercent").decimalValue())
                .isEqualByComparingTo(expect.get("ratePercentInBand").decimalValue());
        for (JsonNode asked : expect.get("rentForCoverage")) {
            assertThat(chosen.get("covered")
                            .valueStream()
                            .filter(each -> each.get("cover")
                                            .decimalValue()
                                            .compareTo(asked.get("coverage").decimalValue())
                                    == 0)
                            .map(each -> each.get("rentCents").asLong()))
                    .containsExactly(cents(asked.get("rentPerMonth")));
        }
        JsonNode byInterest = ask(LettingDocuments.question(home, LettingDocuments.programme(input, "INTEREST")));
        assertThat(byInterest.at("/chosen/cover").decimalValue().setScale(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(
                        expect.get("interestCoverPercent").decimalValue().setScale(2, RoundingMode.HALF_UP));
        assertThat(byInterest.at("/chosen/countedCents").asLong()).isEqualTo(cents(input.get("rentPerMonth")));
    }

    @ParameterizedTest
    @MethodSource("rental")
    void tellsTheOutgoingsWithoutAProgramme(GoldenCase golden) {
        ObjectNode input = golden.input().deepCopy().asObject();
        input.set("loanAmount", golden.expect().get("loanAmount"));
        input.put("interestOnly", false).putObject("basis").put("name", "LONG_LET");

        JsonNode answer = ask(LettingDocuments.question(LettingDocuments.home(input)));

        assertThat(answer.at("/loan/paymentCents").asLong())
                .isEqualTo(cents(golden.expect().get("principalAndInterest")));
        assertThat(answer.at("/loan/totalCents").asLong())
                .isEqualTo(cents(golden.expect().get("housingCost")));
        assertThat(answer.get("chosen").isNull()).isTrue();
    }

    @Test
    void everyLeverAppliedIsLentAndOneStepFurtherIsNot() {
        JsonNode input = letting().findFirst().orElseThrow().input();
        ObjectNode programme = LettingDocuments.programme(input, "OUTGOINGS");
        JsonNode chosen = ask(LettingDocuments.question(LettingDocuments.home(input), programme))
                .get("chosen");
        long rent = chosen.get("leastRentCents").asLong();
        assertThat(lends(atRent(input, rent), programme)).isTrue();
        assertThat(lends(atRent(input, rent - 1), programme)).isFalse();
        BigDecimal rate = chosen.at("/levers/0/value").decimalValue();
        assertThat(lends(atRate(input, rate), programme)).isTrue();
        assertThat(lends(atRate(input, rate.add(new BigDecimal("0.001"))), programme))
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "letting, '{\"basis\": \"LONG\"}', /letting/rentCents, MISSING",
        "letting, '{\"basis\": \"LONG\", \"rentCents\": 99000000}', /letting/rentCents, RENT_ABOVE_PRICE",
        "letting, '{\"rentCents\": 150000}', /letting/basis, MISSING",
        "letting, '{\"basis\": \"LONG\", \"rentCents\": -1}', /letting/rentCents, OUT_OF_RANGE",
        "letting, '{\"basis\": \"LONG\", \"rentCents\": 1, \"vacancyPercent\": 101}',"
                + " /letting/vacancyPercent, OUT_OF_RANGE",
        "letting, null, /letting, MISSING",
        "home, '{\"area\": \"a postal area\"}', /home/area, TEXT_LENGTH"
    })
    void tellsWhatIsWrongAtItsField(String member, String json, String pointer, String code) {
        JsonNode input = letting().findFirst().orElseThrow().input();
        ObjectNode document = LettingDocuments.home(input);
        document.set(member, Documents.json(json));

        Answer refused = BEA.post(ADDRESS, LettingDocuments.question(document).toString());

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().at("/fields/0/pointer").asString()).isEqualTo(pointer);
        assertThat(refused.body().at("/fields/0/code").asString()).isEqualTo(code);
    }

    @Test
    void theOwnersFiguresStandBesideTheTest() {
        ObjectNode home =
                LettingDocuments.home(letting().findFirst().orElseThrow().input());
        home.withObject("/letting").put("vacancyPercent", 5).put("rentChangePercent", 2);

        JsonNode owner = ask(LettingDocuments.question(home)).get("owner");

        assertThat(owner.get("vacancyCents").asLong()).isEqualTo(19586);
        assertThat(owner.get("years")).hasSize(30);
        assertThat(owner.at("/years/1/rentCents").asLong()).isEqualTo(399554 * 12);
        assertThat(List.of(owner.at("/years/0/cashFlowCents").asLong()))
                .containsExactly(12 * owner.get("cashFlowCents").asLong());
    }

    private static JsonNode ask(ObjectNode question) {
        Answer answer = BEA.post(ADDRESS, question.toString());
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private static boolean lends(ObjectNode document, ObjectNode programme) {
        return ask(LettingDocuments.question(document, programme))
                .at("/lends/0")
                .asBoolean();
    }

    private static ObjectNode atRent(JsonNode input, long cents) {
        ObjectNode home = LettingDocuments.home(input);
        home.withObject("/letting").put("rentCents", cents);
        return home;
    }

    private static ObjectNode atRate(JsonNode input, BigDecimal percent) {
        ObjectNode home = LettingDocuments.home(input);
        Documents.option(home).withObject("/terms").put("ratePercent", percent);
        return home;
    }
}
