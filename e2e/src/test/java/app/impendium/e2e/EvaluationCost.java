package app.impendium.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What an evaluation of one option costs the server while twenty are asked for at once, and a comparison of six options and what
 * would make one of them fit, asked for alone: the processor time of all the server's threads over a round, the compiler's and the collector's included, shared
 * evenly; and the time from a request's first byte to its answer's last, waiting for a processor included, as the server's own access
 * log has it. Run by ./impendium bench.
 */
final class EvaluationCost {
    private static final int ROUNDS = 200;
    private static final Load CROWD = new Load(20, 2500);
    private static final Load ALONE = new Load(1, 8000);

    /** How many ask at once, and how many rounds of them warm the server up. */
    private record Load(int atOnce, int warmUpRounds) {}

    /** Somebody with a session of their own, and what they ask. */
    private record Asker(HttpClient http, HttpRequest question) {}

    private final List<Asker> askers;
    private final Load load;
    private final String address;

    private EvaluationCost(List<Asker> askers, Load load, String address) {
        this.askers = askers;
        this.load = load;
        this.address = address;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        measure("An evaluation of one option", CROWD, "/api/evaluations", demo("weir-house"));
        measure(
                "A comparison of six options",
                ALONE,
                "/api/comparisons",
                sixOptions().toString());
        measure(
                "One option of six under eight limit sets, with its levers and pairs",
                ALONE,
                "/api/affordability/0",
                eightSets());
        measure("A let home under two programmes, with all that its view shows", ALONE, "/api/letting/0", let());
    }

    private static void measure(String what, Load load, String address, String document)
            throws IOException, InterruptedException {
        Path logs = Files.createTempDirectory("access-log");
        try (ApplicationProcess application = ApplicationProcess.start(Map.of(
                "SERVER_TOMCAT_ACCESSLOG_ENABLED", "true",
                "SERVER_TOMCAT_ACCESSLOG_DIRECTORY", logs.toString(),
                "SERVER_TOMCAT_ACCESSLOG_BUFFERED", "false",
                "SERVER_TOMCAT_ACCESSLOG_PATTERN", "%m %U %s %D"))) {
            List<Asker> askers = new ArrayList<>();
            for (int i = 0; i < load.atOnce(); i++) {
                askers.add(signedIn(application.url(), address, document));
            }
            EvaluationCost cost = new EvaluationCost(askers, load, address);
            for (int round = 0; round < load.warmUpRounds(); round++) {
                cost.askAtOnce();
            }
            print(what, load, "processor time", cost.processorMicros(application));
            print(what, load, "first byte to last", cost.elapsedMicros(logs));
        }
    }

    private static Asker signedIn(String url, String address, String document)
            throws IOException, InterruptedException {
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .cookieHandler(cookies)
                .build();
        http.send(HttpRequest.newBuilder(URI.create(url + "/api/session")).build(), BodyHandlers.discarding());
        String form = "email=" + Advisor.EMAIL + "&password=" + Advisor.PASSWORD;
        http.send(
                HttpRequest.newBuilder(URI.create(url + "/api/session"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-XSRF-TOKEN", token(cookies))
                        .POST(BodyPublishers.ofString(form))
                        .build(),
                BodyHandlers.discarding());
        HttpRequest question = HttpRequest.newBuilder(URI.create(url + address))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token(cookies))
                .POST(BodyPublishers.ofString(document))
                .build();
        return new Asker(http, question);
    }

    private static String demo(String name) throws IOException {
        return Files.readString(Path.of("..", "server", "src", "main", "resources", "demo", name + ".json"));
    }

    /** The demo's four options of a seller's credit, and the first two again at other rates. */
    private static ObjectNode sixOptions() throws IOException {
        JsonMapper json = new JsonMapper();
        ObjectNode document = (ObjectNode) json.readTree(demo("bellfounder-close"));
        ArrayNode options = (ArrayNode) document.get("options");
        for (int option = 0; option < 2; option++) {
            ObjectNode again = ((ObjectNode) options.get(option)).deepCopy().put("id", "again-" + option);
            again.withObject("/terms").put("ratePercent", 7 + option);
            options.add(again);
        }
        return document;
    }

    /** The same with the people of another demo case, held against the demo's limits four times over. */
    private static String eightSets() throws IOException {
        JsonMapper json = new JsonMapper();
        ObjectNode document = sixOptions();
        ObjectNode people = (ObjectNode) json.readTree(demo("harrow-court"));
        document.set("household", people.get("household"));
        document.set("debts", people.get("debts"));
        ObjectNode question = json.createObjectNode();
        question.set("document", document);
        ArrayNode sets = question.putArray("sets");
        for (int times = 0; times < 4; times++) {
            sets.addAll((ArrayNode) json.readTree(demo("limits")));
        }
        question.set("table", json.readTree(demo("rates")));
        return question.toString();
    }

    /** The demo's let home with its loan in six options, held against the demo's programmes and rates. */
    private static String let() throws IOException {
        JsonMapper json = new JsonMapper();
        ObjectNode document = (ObjectNode) json.readTree(demo("chandlers-reach"));
        ArrayNode options = (ArrayNode) document.get("options");
        for (int option = 2; option < 6; option++) {
            options.add(((ObjectNode) options.get(0)).deepCopy().put("id", "again-" + option));
        }
        ObjectNode question = json.createObjectNode();
        question.set("document", document);
        question.put("chosen", 0);
        question.set("programmes", json.readTree(demo("programmes")));
        question.set("table", json.readTree(demo("rates")));
        return question.toString();
    }

    private static String token(CookieManager cookies) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
    }

    /** What each round's evaluations cost, shared evenly among them. */
    private long[] processorMicros(ApplicationProcess application) throws IOException {
        long[] micros = new long[ROUNDS];
        for (int round = 0; round < ROUNDS; round++) {
            Duration before = application.processorTime();
            askAtOnce();
            micros[round] = application.processorTime().minus(before).toNanos() / 1000 / load.atOnce();
        }
        return micros;
    }

    private void askAtOnce() {
        CompletableFuture.allOf(askers.stream()
                        .map(asker -> asker.http().sendAsync(asker.question(), BodyHandlers.ofString()))
                        .map(answer -> answer.thenAccept(EvaluationCost::expectFigures))
                        .toArray(CompletableFuture[]::new))
                .join();
    }

    private static void expectFigures(java.net.http.HttpResponse<String> answer) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.statusCode() + " " + answer.body());
        }
    }

    private long[] elapsedMicros(Path logs) throws IOException {
        try (Stream<Path> files = Files.list(logs)) {
            return files.flatMap(EvaluationCost::lines)
                    .filter(line -> line.startsWith("POST " + address + " 200 "))
                    .mapToLong(line -> Long.parseLong(line.substring(line.lastIndexOf(' ') + 1)))
                    .skip((long) load.warmUpRounds() * load.atOnce())
                    .toArray();
        }
    }

    private static void print(String what, Load load, String measure, long[] micros) {
        Arrays.sort(micros);
        System.out.printf(
                "%s, %d at once, %s: median %.2f ms, 95th percentile %.2f ms%n",
                what,
                load.atOnce(),
                measure,
                micros[micros.length / 2] / 1000.0,
                micros[micros.length * 95 / 100] / 1000.0);
    }

    private static Stream<String> lines(Path file) {
        try {
            return Files.readAllLines(file).stream();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
