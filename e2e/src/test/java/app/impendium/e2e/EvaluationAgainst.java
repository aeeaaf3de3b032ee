package app.impendium.e2e;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/**
 * What an evaluation of one option costs the server beside another build of it: twenty advisors ask without a pause, of one build and of
 * the other in alternate rounds, once both are warm. Told are the processor time of all the server's threads and how often it asked the
 * database, each per evaluation. Run by ./impendium bench against.
 */
final class EvaluationAgainst {
    private static final int ADVISORS = 20;
    private static final int EACH = 50;
    private static final int WARM_UP_ROUNDS = 60;
    private static final int ROUNDS = 40;

    private final ApplicationProcess application;
    private final List<SoakClient> advisors = new ArrayList<>();
    private final String document;
    private final ExecutorService threads = Executors.newFixedThreadPool(ADVISORS);
    private final long[] micros = new long[ROUNDS];
    private long askedDatabase;

    private EvaluationAgainst(Path jar) throws IOException, InterruptedException {
        application = ApplicationProcess.start(jar, Map.of());
        for (int i = 0; i < ADVISORS; i++) {
            advisors.add(SoakClient.signedIn(application.url(), "203.0.113." + (10 + i)));
        }
        document = Files.readString(Path.of("..", "server", "src", "main", "resources", "demo", "weir-house.json"));
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        EvaluationAgainst ours = new EvaluationAgainst(ApplicationProcess.JAR);
        EvaluationAgainst other = new EvaluationAgainst(Path.of(arguments[0]));
        for (int round = 0; round < WARM_UP_ROUNDS; round++) {
            ours.ask();
            other.ask();
        }
        for (int round = 0; round < ROUNDS; round++) {
            ours.measure(round);
            other.measure(round);
        }
        System.out.printf(
                "An evaluation by %d at once: %s; the other build: %s; ratio of the processor times %.2f%n",
                ADVISORS, ours.told(), other.told(), (double) ours.median() / other.median());
        ours.close();
        other.close();
    }

    private void measure(int round) throws IOException {
        Duration before = application.processorTime();
        long asked = application.transactions();
        ask();
        micros[round] = application.processorTime().minus(before).toNanos() / 1000 / ADVISORS / EACH;
        askedDatabase += application.transactions() - asked;
    }

    private void ask() {
        CompletableFuture.allOf(advisors.stream()
                        .map(advisor -> CompletableFuture.runAsync(() -> askAgainAndAgain(advisor), threads))
                        .toArray(CompletableFuture[]::new))
                .join();
    }

    private void askAgainAndAgain(SoakClient advisor) {
        for (int i = 0; i < EACH; i++) {
            try {
                HttpResponse<String> answer = advisor.send("POST", "/api/evaluations", null, document);
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(answer.statusCode() + " " + answer.body());
                }
            } catch (IOException | InterruptedException broken) {
                throw new IllegalStateException(broken);
            }
        }
    }

    private long median() {
        return Arrays.stream(micros).sorted().toArray()[ROUNDS / 2];
    }

    private String told() {
        return "%.3f ms of a processor, %.3f statements"
                .formatted(median() / 1000.0, (double) askedDatabase / ROUNDS / ADVISORS / EACH);
    }

    private void close() {
        threads.shutdown();
        application.close();
    }
}
