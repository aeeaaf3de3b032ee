package app.impendium.server.limits;

import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The limit sets that a practice can start with: public figures, each with its source, to be checked before use. */
@Component
class StartingLimits {
    private static final TypeReference<List<LimitSetDocument>> SETS = new TypeReference<>() {};

    private final JsonMapper json;

    StartingLimits(JsonMapper json) {
        this.json = json;
    }

    /** Those of a market. */
    List<LimitSetDocument> of(Market market) {
        String name = "limits/" + market.name().toLowerCase(Locale.ROOT) + ".json";
        try (InputStream file = new ClassPathResource(name).getInputStream()) {
            return json.readValue(file, SETS);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
