package app.impendium.e2e;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import tools.jackson.databind.JsonNode;

/**
 * Saves without a pause while the application and its database are killed, until a file says that it is over; then looks for every save that
 * was acknowledged among the states that are kept. Run by ./impendium soak, with the application's address and that file.
 */
final class SoakSaves {
    private static final int WRITERS = 6;
    private static final int PART = 25;
    private static final long BREATH_NANOS = 100_000_000;

    private final Path over;
    private final AtomicInteger failures = new AtomicInteger();

    public static void main(String[] arguments) throws Exception {
        new SoakSaves(Path.of(arguments[1])).run(arguments[0]);
    }

    private SoakSaves(Path over) {
        this.over = over;
    }

    private boolean goesOn() {
        return !Files.exists(over);
    }

    private void run(String url) throws Exception {
        List<Writer> writers = new ArrayList<>();
        SoakClient client = SoakClient.signedIn(url);
        for (int i = 0; i < WRITERS; i++) {
            writers.add(new Writer(client, client.begin("Kept through everything " + i)));
        }
        List<Thread> threads = writers.stream().map(Thread::new).toList();
        threads.forEach(Thread::start);
        for (Thread thread : threads) {
            thread.join();
        }
        int acknowledged = 0;
        int lost = 0;
        for (Writer writer : writers) {
            Map<Integer, String> kept = writer.kept();
            acknowledged += writer.acknowledged.size();
            lost += (int) writer.acknowledged.entrySet().stream()
                    .filter(each -> !each.getValue().equals(kept.get(each.getKey())))
                    .count();
        }
        System.out.printf(
                "%d saves acknowledged, %d answered otherwise or not at all, %d of the acknowledged lost%n",
                acknowledged, failures.get(), lost);
        System.exit(lost == 0 && acknowledged > 0 ? 0 : 1);
    }

    /** Saves one case again and again. What is acknowledged is noted by its revision. */
    private final class Writer implements Runnable {
        private final SoakClient client;
        private final String address;
        private final Map<Integer, String> acknowledged = new HashMap<>();

        Writer(SoakClient client, String id) {
            this.client = client;
            this.address = "/api/cases/" + id;
        }

        @Override
        public void run() {
            int revision = 0;
            for (int count = 0; goesOn(); count++) {
                try {
                    String title = "Save " + count;
                    HttpResponse<String> answer = client.send("PUT", address, revision, SoakClient.document(title));
                    if (answer.statusCode() == 200) {
                        revision = SoakClient.JSON
                                .readTree(answer.body())
                                .get("revision")
                                .asInt();
                        acknowledged.put(revision, title);
                    } else {
                        failures.incrementAndGet();
                        revision = client.get(address).get("revision").asInt();
                    }
                } catch (IOException e) {
                    // It is away: whether the last save was kept is known when it is back.
                    failures.incrementAndGet();
                    revision = whenItIsBack(revision);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return;
                }
            }
        }

        private int whenItIsBack(int last) {
            while (goesOn()) {
                try {
                    return client.get(address).get("revision").asInt();
                } catch (IOException e) {
                    // Whoever asks without a pause keeps it from coming back.
                    LockSupport.parkNanos(BREATH_NANOS);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                    return last;
                }
            }
            return last;
        }

        Map<Integer, String> kept() throws IOException, InterruptedException {
            Map<Integer, String> kept = new HashMap<>();
            for (int from = 0, total = 1; from < total; from += PART) {
                JsonNode part = client.get(address + "/states?from=" + from);
                total = part.get("total").asInt();
                for (JsonNode state : part.get("states")) {
                    kept.put(
                            state.get("revision").asInt(),
                            state.at("/document/title").asString());
                }
            }
            return kept;
        }
    }
}
