package app.impendium.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Bodies as the addresses of the interface's description take them: the demo's documents where they do, else made from their schema. */
final class SampleBodies {
    private static final JsonMapper JSON = SoakClient.JSON;
    private static final Path DEMO = Path.of("..", "server", "src", "main", "resources", "demo");

    private final Random random;
    private final JsonNode description;
    private final Map<String, List<JsonNode>> known = new HashMap<>();

    SampleBodies(Random random) throws IOException {
        this.random = random;
        description = JSON.readTree(Files.readString(Path.of("..", "docs", "openapi.json")));
        try (Stream<Path> files = Files.list(DEMO)) {
            for (Path file : files.sorted().toList()) {
                JsonNode read = JSON.readTree(Files.readString(file));
                if (read.has("options")) {
                    known.computeIfAbsent("CaseDocument", name -> new ArrayList<>())
                            .add(read);
                }
            }
        }
        known.put("LimitSetDocument", elements("limits"));
        known.put("ProgrammeDocument", elements("programmes"));
        known.put("HandoutTemplateDocument", elements("templates"));
        known.put("RateTableDocument", List.of(demo("rates")));
        known.put("LetterheadDocument", List.of(demo("letterhead")));
    }

    /** What takes a body. */
    final class Address {
        private final String method;
        private final String path;
        private final JsonNode schema;

        private Address(String method, String path, JsonNode schema) {
            this.method = method;
            this.path = path;
            this.schema = schema;
        }

        String method() {
            return method;
        }

        String path() {
            return path;
        }

        /** Something that it takes. */
        JsonNode body() {
            return sample(schema);
        }
    }

    /** Every address that takes a body; what would end the session of who asks is left out. */
    List<Address> addresses() {
        List<Address> addresses = new ArrayList<>();
        JsonNode paths = description.get("paths");
        for (String path : paths.propertyNames()) {
            for (String method : paths.get(path).propertyNames()) {
                JsonNode schema = paths.get(path).get(method).at("/requestBody/content/application~1json/schema");
                if (!schema.isMissingNode() && !path.startsWith("/api/account")) {
                    addresses.add(new Address(method.toUpperCase(Locale.ROOT), path, schema));
                }
            }
        }
        return addresses;
    }

    /** The demo's documents of one kind. */
    List<JsonNode> all(String kind) {
        return known.get(kind);
    }

    private JsonNode sample(JsonNode schema) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString().replaceFirst(".*/", "");
            return known.containsKey(name)
                    ? one(known.get(name)).deepCopy()
                    : sample(description.at("/components/schemas/" + name));
        }
        if (schema.has("oneOf")) {
            return sample(schema.get("oneOf").get(0));
        }
        if (schema.has("enum")) {
            return one(List.copyOf(schema.get("enum").values()));
        }
        return switch (type(schema)) {
            case "object" -> object(schema);
            case "array" -> JSON.createArrayNode().add(sample(schema.get("items")));
            case "integer" -> JSON.getNodeFactory().numberNode(random.nextInt(400));
            case "number" -> JSON.getNodeFactory().numberNode(random.nextInt(9));
            case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
            default -> JSON.getNodeFactory().stringNode(text(schema));
        };
    }

    private JsonNode object(JsonNode schema) {
        ObjectNode made = JSON.createObjectNode();
        JsonNode members = schema.path("properties");
        for (String name : members.propertyNames()) {
            made.set(name, sample(members.get(name)));
        }
        return made;
    }

    /** A type, or the first of several. */
    private static String type(JsonNode schema) {
        JsonNode type = schema.path("type");
        return type.isArray() ? type.get(0).asString() : type.asString("");
    }

    private static String text(JsonNode schema) {
        return switch (schema.path("format").asString("")) {
            case "uuid" -> UUID.randomUUID().toString();
            case "date" -> "2027-03-01";
            default -> "some words";
        };
    }

    private JsonNode one(List<JsonNode> of) {
        return of.get(random.nextInt(of.size()));
    }

    private static List<JsonNode> elements(String name) throws IOException {
        return List.copyOf(demo(name).values());
    }

    private static JsonNode demo(String name) throws IOException {
        return JSON.readTree(Files.readString(DEMO.resolve(name + ".json")));
    }
}
