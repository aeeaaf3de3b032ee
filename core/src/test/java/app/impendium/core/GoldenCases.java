package app.impendium.core;

import java.io.InputStream;
import java.math.BigDecimal;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads the cases with exact expected figures; decimals stay decimals. */
public final class GoldenCases {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    private GoldenCases() {}

    /** One case of a file. */
    public record GoldenCase(String name, JsonNode input, JsonNode expect) {
        @Override
        public String toString() {
            return name;
        }
    }

    public static Stream<GoldenCase> of(String kind) {
        try (InputStream file = GoldenCases.class.getResourceAsStream("/golden/" + kind + ".json")) {
            JsonNode cases = JSON.readTree(file);
            return StreamSupport.stream(cases.spliterator(), false)
                    .map(node -> new GoldenCase(node.get("name").asString(), node.get("input"), node.get("expect")))
                    .toList()
                    .stream();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** An amount of the file in cents. */
    public static long cents(JsonNode amount) {
        return new BigDecimal(amount.asString()).movePointRight(2).longValueExact();
    }
}
