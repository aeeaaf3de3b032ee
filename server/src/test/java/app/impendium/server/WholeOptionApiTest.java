package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.GoldenCases;
import app.impendium.core.GoldenCases.GoldenCase;
import app.impendium.server.Client.Answer;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whole options of awkward kinds, which are written in format 1, through the front door: every figure. */
class WholeOptionApiTest {
    private static final Set<String> NOT_IN_FORMAT_1 =
            Set.of("costs", "downPaymentCents", "debtsPaidOffCents", "financedCostsCents", "cashOutCents");
    private static final Client BEA = Client.signedIn(Client.BEA);

    @ParameterizedTest
    @MethodSource("wholeOptions")
    void givesEveryFigureOfTheGoldenOptions(GoldenCase golden) {
        ObjectNode figures = (ObjectNode) figures(Documents.ofFormat1(golden.input()));
        figures.set("cashToClose", inFormat1(figures.get("cashToClose")));

        golden.expect()
                .properties()
                .forEach(expected -> assertThat(settled(figures.get(expected.getKey())))
                        .as(expected.getKey())
                        .isEqualTo(settled(expected.getValue())));
    }

    /** Cash to close with its parts named as the golden cases name them. */
    private static JsonNode inFormat1(JsonNode cash) {
        ObjectNode named = (ObjectNode) Documents.json("{}");
        Map<String, String> names = Map.of(
                "POINTS", "pointsCents",
                "LOAN_FEE", "loanFeesCents",
                "OTHER_COST", "otherCostsCents",
                "PREPAID_INTEREST", "prepaidCents",
                "PREPAID_ITEM", "prepaidCents");
        names.values().forEach(name -> named.put(name, 0L));
        cash.get("costs").forEach(cost -> {
            String name = names.get(cost.get("kind").asString());
            named.put(name, named.get(name).asLong() + cost.get("cents").asLong());
        });
        named.set("moneyDownCents", cash.get("downPaymentCents"));
        cash.propertyStream()
                .filter(part -> !NOT_IN_FORMAT_1.contains(part.getKey()))
                .forEach(part -> named.set(part.getKey(), part.getValue()));
        return named;
    }

    /** Numbers to nine decimals, members in one order. */
    private static String settled(JsonNode node) {
        if (node.isNumber()) {
            BigDecimal nine = node.decimalValue().setScale(9, RoundingMode.HALF_UP);
            return nine.signum() == 0 ? "0" : nine.stripTrailingZeros().toPlainString();
        }
        if (node.isArray()) {
            return node.valueStream().map(WholeOptionApiTest::settled).toList().toString();
        }
        return node.isObject()
                ? new TreeMap<>(node.propertyStream()
                                .collect(Collectors.toMap(Map.Entry::getKey, member -> settled(member.getValue()))))
                        .toString()
                : node.asString("");
    }

    private static JsonNode figures(ObjectNode document) {
        Answer answer = BEA.post("/api/evaluations", document.toString());
        assertThat(answer.status()).as(answer.response().body()).isEqualTo(200);
        return answer.body().at("/options/0");
    }

    static Stream<GoldenCase> wholeOptions() {
        return GoldenCases.of("whole_option");
    }
}
