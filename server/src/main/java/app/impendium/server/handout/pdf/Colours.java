package app.impendium.server.handout.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The colours of the tokens that marks name, as they are on white paper. */
final class Colours {
    private static final Map<String, String> TOKENS = read();

    private Colours() {}

    /**
     * A token's colour, such as #35506f.
     *
     * @throws IllegalArgumentException if there is no such token
     */
    static String of(String token) {
        String colour = TOKENS.get(token);
        if (colour == null) {
            throw new IllegalArgumentException("there is no colour " + token);
        }
        return colour;
    }

    private static Map<String, String> read() {
        try (InputStream in = Colours.class.getResourceAsStream("/picture/looks.json")) {
            return JsonMapper.shared().readValue(in, new TypeReference<>() {});
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
