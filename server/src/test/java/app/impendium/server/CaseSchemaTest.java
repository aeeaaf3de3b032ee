package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The JSON Schema of the case document, which is the product's open format: made from what the server says of its interface. */
class CaseSchemaTest {
    private static final Path COMMITTED = Path.of("..", "docs", "case.schema.json");
    private static final String REFERENCE = "#/components/schemas/";
    private static final Client BEA = Client.signedIn(Client.BEA);
    private static final JsonMapper JSON =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    @Test
    void theCommittedSchemaIsThatOfTheFormatWritten() throws IOException {
        ObjectNode fresh =
                schema(Client.signedIn(Client.BEA).get("/api/openapi").body().at("/components/schemas"));
        Files.writeString(Path.of("target", "case.schema.json"), JSON.writeValueAsString(fresh) + "\n");

        assertThat(JSON.readTree(Files.readString(COMMITTED)))
                .as("docs/case.schema.json lags behind: copy server/target/case.schema.json over it")
                .isEqualTo(JSON.readTree(JSON.writeValueAsString(fresh)));
    }

    @Test
    void everyDemoCaseAsItIsHandedOnKeepsToIt() throws IOException {
        JsonNode cases = BEA.get("/api/cases").body().at("/cases");

        assertThat(cases).hasSizeGreaterThan(10);
        for (JsonNode listed : cases) {
            JsonNode document =
                    BEA.get("/api/cases/" + listed.at("/id").asString()).body().at("/document");
            String handedOn = BEA.post("/api/open-data/case", document.toString())
                    .response()
                    .body();
            assertThat(faults(handedOn)).as(listed.at("/title").asString()).isEmpty();
            assertThat(new JsonMapper().readTree(handedOn)).isEqualTo(document);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "/title, 7",
        "/currency, '\"XXX\"'",
        "/clerk, '\"Ann\"'",
        "/options/0/terms/ratePercent, '\"6\"'",
        "/options/0/financing/kind, '\"GIFT\"'"
    })
    void whatIsNoCaseDoesNot(String path, String json) throws IOException {
        ObjectNode document = (ObjectNode)
                BEA.post("/api/open-data/case", Documents.purchase("Fern Rise").toString())
                        .body();
        assertThat(faults(document.toString())).isEmpty();

        document.withObject(path.substring(0, path.lastIndexOf('/')))
                .set(path.substring(path.lastIndexOf('/') + 1), Documents.json(json));

        assertThat(faults(document.toString())).isNotEmpty();
    }

    private static List<String> faults(String document) throws IOException {
        JsonSchema schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(Files.readString(COMMITTED));
        return schema.validate(document, InputFormat.JSON).stream()
                .map(Object::toString)
                .toList();
    }

    private static ObjectNode schema(JsonNode components) {
        TreeMap<String, JsonNode> definitions = new TreeMap<>();
        Deque<String> named = new ArrayDeque<>(List.of("CaseDocument"));
        while (!named.isEmpty()) {
            String name = named.pop();
            if (!definitions.containsKey(name)) {
                ObjectNode definition = definition(components.get(name).deepCopy());
                definitions.put(name, definition);
                definition
                        .findValuesAsString("$ref")
                        .forEach(reference -> named.push(reference.substring("#/$defs/".length())));
            }
        }
        ObjectNode schema = JSON.createObjectNode()
                .put("$schema", "https://json-schema.org/draft/2020-12/schema")
                .put("$id", "urn:impendium:case:2")
                .put("title", "A case, format 2")
                .put("$ref", "#/$defs/CaseDocument");
        ObjectNode all = schema.putObject("$defs");
        definitions.forEach(all::set);
        return schema;
    }

    /** A definition as JSON Schema has it: no tag that only an interface has, nothing that is not named. */
    private static ObjectNode definition(JsonNode component) {
        ObjectNode definition = (ObjectNode) component;
        mend(definition);
        if (definition.has("properties")) {
            definition.put("additionalProperties", false);
        }
        return definition;
    }

    private static void mend(JsonNode node) {
        if (node instanceof ArrayNode list) {
            list.forEach(CaseSchemaTest::mend);
        } else if (node instanceof ObjectNode object) {
            object.remove("discriminator");
            if (object.path("$ref").isString()) {
                object.put("$ref", object.get("$ref").asString().replace(REFERENCE, "#/$defs/"));
            }
            boolean mayBeNothing = object.path("type").isArray()
                    && object.get("type")
                            .valueStream()
                            .anyMatch(type -> type.asString().equals("null"));
            if (mayBeNothing && object.path("enum") instanceof ArrayNode words) {
                words.addNull();
            }
            object.forEach(CaseSchemaTest::mend);
        }
    }
}
