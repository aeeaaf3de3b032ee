package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class OpenApiTest {
    private static final Path COMMITTED = Path.of("..", "docs", "openapi.json");
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    /** The front end's types are made from the committed document: where it lags behind, they would lie. */
    @Test
    void theCommittedDescriptionIsTheOneServed() throws IOException {
        ObjectNode served =
                (ObjectNode) Client.signedIn(Client.BEA).get("/api/openapi").body();
        // Where it was asked, which is another port each time.
        served.remove("servers");
        Path fresh = Path.of("target", "openapi.json");
        Files.writeString(fresh, JSON.writeValueAsString(JSON.treeToValue(served, Map.class)) + "\n");

        assertThat(JSON.readTree(Files.readString(COMMITTED)))
                .as("docs/openapi.json lags behind the server: copy server/target/openapi.json over it")
                .isEqualTo(served);
    }
}
