package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Those who look at a case are told who else does, and that it was saved. */
@Timeout(90)
class CaseNewsTest {
    private static final JsonMapper JSON = new JsonMapper();

    @Test
    void tellsWhoElseLooksAndWhatWasSaved() throws IOException {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@case-news.example");
        Client bo = People.advisorOf(ida, "Bo Winter", "bo@case-news.example");
        String address = ida.post("/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");

        try (News news = new News(ida, address)) {
            assertThat(news.next()).hasToString("{\"revision\":0,\"others\":[]}");
            try (News theirs = new News(bo, address)) {
                assertThat(theirs.next()).hasToString("{\"revision\":0,\"others\":[\"Ida Brandt\"]}");
                assertThat(news.next()).hasToString("{\"revision\":0,\"others\":[\"Bo Winter\"]}");
                bo.put(address, "\"0\"", Documents.purchase("Fern Rise 2").toString());
                assertThat(news.next()).hasToString("{\"revision\":1,\"others\":[\"Bo Winter\"]}");
            }
            // Whoever goes is missed when the connection shows no life, or is not renewed.
            assertThat(news.next()).hasToString("{\"revision\":1,\"others\":[]}");
            ida.delete(address);
            assertThat(news.next().isMissingNode())
                    .as("the end of what there is to tell")
                    .isTrue();
        }
    }

    @Test
    void tellsOneWindowNoMoreWhereSomebodyOpensTooMany() throws Exception {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@many-windows.example");
        String address = ida.post("/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");
        ExecutorService atOnce = Executors.newFixedThreadPool(20);
        try (News first = new News(ida, address)) {
            assertThat(first.next().isMissingNode()).isFalse();
            List<Future<News>> others =
                    atOnce.invokeAll(Collections.nCopies(20, (Callable<News>) () -> new News(ida, address)));

            assertThat(first.next().isMissingNode()).isTrue();
            for (Future<News> each : others) {
                each.get().close();
            }
        } finally {
            atOnce.shutdownNow();
        }
    }

    @Test
    void whoHasSignedOutIsToldNothingMore() throws IOException {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@signed-out-news.example");
        String address = ida.post("/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");
        try (News news = new News(ida, address)) {
            assertThat(news.next().isMissingNode()).isFalse();
            assertThat(ida.delete("/api/session").status()).isEqualTo(204);

            assertThat(news.next().isMissingNode()).isTrue();
        }
    }

    @Test
    void tellsNothingOfAnothersCase() {
        Client ida = Client.ofOwnPractice("Ida Brandt", "ida@own-news.example");
        Client stranger = Client.ofOwnPractice("Stine Marsh", "stine@own-news.example");
        String address = ida.post("/api/cases", Documents.purchase("Fern Rise").toString())
                .header("Location");

        assertThat(stranger.get(address + "/news").status()).isEqualTo(404);
        assertThat(new Client().get(address + "/news").status()).isEqualTo(401);
    }

    /** News as it comes in. */
    private static final class News implements AutoCloseable {
        private final InputStream stream;
        private final BufferedReader lines;

        News(Client client, String address) {
            stream = client.stream(address + "/news");
            lines = new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8));
        }

        /** What is told next; missing where nothing is told any more. */
        JsonNode next() {
            return Stream.generate(this::line)
                    .takeWhile(line -> line != null)
                    .filter(line -> line.startsWith("data:"))
                    .findFirst()
                    .map(line -> JSON.readTree(line.substring("data:".length())))
                    .orElseGet(JSON::missingNode);
        }

        private String line() {
            try {
                return lines.readLine();
            } catch (IOException e) {
                return null;
            }
        }

        @Override
        public void close() throws IOException {
            stream.close();
        }
    }
}
