package app.impendium.bench;

import static io.gatling.javaapi.core.CoreDsl.StringBody;
import static io.gatling.javaapi.core.CoreDsl.details;
import static io.gatling.javaapi.core.CoreDsl.doIfOrElse;
import static io.gatling.javaapi.core.CoreDsl.exec;
import static io.gatling.javaapi.core.CoreDsl.forAll;
import static io.gatling.javaapi.core.CoreDsl.jsonPath;
import static io.gatling.javaapi.core.CoreDsl.pace;
import static io.gatling.javaapi.core.CoreDsl.rampUsers;
import static io.gatling.javaapi.core.CoreDsl.scenario;
import static io.gatling.javaapi.http.HttpDsl.CookieKey;
import static io.gatling.javaapi.http.HttpDsl.getCookieValue;
import static io.gatling.javaapi.http.HttpDsl.http;
import static io.gatling.javaapi.http.HttpDsl.sse;
import static io.gatling.javaapi.http.HttpDsl.status;

import com.sun.management.OperatingSystemMXBean;
import io.gatling.javaapi.core.Assertion;
import io.gatling.javaapi.core.ChainBuilder;
import io.gatling.javaapi.core.ScenarioBuilder;
import io.gatling.javaapi.core.Session;
import io.gatling.javaapi.core.Simulation;
import io.gatling.javaapi.http.HttpProtocolBuilder;
import io.gatling.javaapi.http.HttpRequestActionBuilder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.ThreadLocalRandom;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Two hundred advisors who change the rate once a second, with everything that the page sends: the figures, what the open view shows
 * beside them, the case once it has rested, a look at whether somebody else saved it, and the news that it listens to. A quarter
 * each have the loan, its lifeline, the options and affordability open. Beside them one session asks for figures ten at a time, without a
 * pause. Of the advisors' questions 99 in 100 are answered within 150 ms. Run by ./impendium bench load.
 */
public final class AdvisorsAtWork extends Simulation {
    private static final int ADVISORS = 200;
    private static final int GREEDY_AT_ONCE = 10;
    private static final int MOST_MS = 150;
    private static final int LOOKS_EVERY = 8;
    private static final String BESIDE_GREEDY = "beside one who asks for more: ";
    /** A password is made slow to try: as many sign-ins at once would be all that is measured. */
    private static final Duration SIGN_IN_WITHIN = Duration.ofSeconds(100);

    /** When all are at work and the server's code is compiled, when one begins to ask for more, and when all is over. */
    private static final Duration MEASURED = SIGN_IN_WITHIN.plusSeconds(50);

    private static final Duration BESIDE = MEASURED.plusSeconds(60);
    private static final Duration END = BESIDE.plusSeconds(60);
    private static final Duration BETWEEN_EDITS = Duration.ofSeconds(1);
    private static final Duration SAVE_AFTER = Duration.ofMillis(700);
    private static final Path DEMO = Path.of("..", "server", "src", "main", "resources", "demo");
    private static final Pattern RATE = Pattern.compile("(\"ratePercent\"\\s*:\\s*)[0-9.]+");
    private static final String EMAIL = "bea@ostrander-pell.example";

    private final long begunAtNanos = System.nanoTime();
    private final String document = read("weir-house.json");
    private final String limits = read("limits.json");

    private final HttpProtocolBuilder protocol = http.baseUrl(System.getProperty("load.url"))
            .header("X-Forwarded-For", "#{address}")
            .header("X-XSRF-TOKEN", "#{token}")
            .maxConnectionsPerHost(GREEDY_AT_ONCE);

    public AdvisorsAtWork() {
        ChainBuilder signedIn = exec(http("open").get("/api/session").check(status().is(401)))
                .exec(token())
                .exec(http("sign in")
                        .post("/api/session")
                        .formParam("email", EMAIL)
                        .formParam("password", "lantern-harbour-42")
                        .check(status().is(204)))
                .exec(http("who").get("/api/session").check(status().is(200)))
                .exec(token());
        ScenarioBuilder advisors = scenario("advisors")
                .exec(AdvisorsAtWork::begun)
                .exec(signedIn)
                .exec(http("new case")
                        .post("/api/cases")
                        .body(StringBody(document))
                        .asJson()
                        .check(status().is(201), jsonPath("$.id").saveAs("id")))
                .exec(sse("news").get("/api/cases/#{id}/news"))
                .asLongAs(session -> isBefore(END))
                .on(edit())
                .exec(sse("no more news").close());
        ScenarioBuilder greedy = scenario("one who asks for more")
                .exec(session -> session.set("address", "203.0.113.250").set("token", ""))
                .exec(signedIn)
                .pause(session -> left(BESIDE))
                .asLongAs(session -> isBefore(END))
                .on(many());
        setUp(
                        advisors.injectOpen(rampUsers(ADVISORS).during(SIGN_IN_WITHIN)),
                        greedy.injectOpen(rampUsers(1).during(Duration.ofSeconds(1))))
                .protocols(protocol)
                .assertions(bounds());
    }

    private static Assertion[] bounds() {
        Stream<Assertion> waits = Stream.of("", BESIDE_GREEDY)
                .flatMap(phase -> Stream.of("figures", "save", "look", "schedule", "comparison", "affordability")
                        .map(request -> details(phase + request)
                                .responseTime()
                                .percentile(99)
                                .lte(MOST_MS)));
        return Stream.concat(waits, Stream.of(forAll().failedRequests().count().is(0L)))
                .toArray(Assertion[]::new);
    }

    @Override
    public void after() {
        OperatingSystemMXBean machine = ManagementFactory.getPlatformMXBean(OperatingSystemMXBean.class);
        System.out.printf(
                "The load itself took %.1f s of a processor.%n", machine.getProcessCpuTime() / 1_000_000_000.0);
    }

    /** One key, with what the page asks then, and the state that is saved when it has rested. */
    private ChainBuilder edit() {
        return exec(pace(BETWEEN_EDITS))
                .exec(session -> session.set("phase", phase()))
                .exec(this::typed)
                .exec(question("figures", "/api/figures", "#{question}"))
                .exec(beside())
                .pause(SAVE_AFTER)
                .exec(http("#{phase}save")
                        .put("/api/cases/#{id}")
                        .header("If-Match", "\"#{revision}\"")
                        .body(StringBody("#{document}"))
                        .asJson()
                        .check(status().is(200), jsonPath("$.revision").ofInt().saveAs("revision")))
                .doIf(session -> session.getInt("revision") % LOOKS_EVERY == 0)
                .then(exec(http("#{phase}look").get("/api/cases/#{id}").check(status().in(200, 304))));
    }

    /** What the view that is open asks beside the figures. */
    private ChainBuilder beside() {
        return doIfOrElse(view(0))
                .then(question("schedule", "/api/schedules/0", "#{document}"))
                .orElse(doIfOrElse(view(1))
                        .then(question("comparison", "/api/comparisons", "#{document}"))
                        .orElse(exec(session -> session)
                                .doIf(view(2))
                                .then(question("affordability", "/api/affordability/0", "#{limits}"))));
    }

    private static Function<Session, Boolean> view(int number) {
        return session -> session.userId() % 4 == number;
    }

    private static ChainBuilder question(String name, String address, String body) {
        return exec(http("#{phase}" + name)
                .post(address)
                .body(StringBody(body))
                .asJson()
                .check(status().is(200)));
    }

    /** As many questions as a session may have under way, again when they are answered. */
    private ChainBuilder many() {
        HttpRequestActionBuilder[] others = IntStream.range(1, GREEDY_AT_ONCE)
                .mapToObj(number -> greedyQuestion())
                .toArray(HttpRequestActionBuilder[]::new);
        return exec(this::typed).exec(greedyQuestion().resources(others));
    }

    private static HttpRequestActionBuilder greedyQuestion() {
        return http("asked by one, ten at a time")
                .post("/api/figures")
                .body(StringBody("#{question}"))
                .asJson()
                .check(status().is(200));
    }

    private String phase() {
        if (isBefore(MEASURED)) {
            return "warm-up ";
        }
        return isBefore(BESIDE) ? "" : BESIDE_GREEDY;
    }

    private boolean isBefore(Duration then) {
        return !left(then).isNegative();
    }

    /** How long it is until then. */
    private Duration left(Duration then) {
        return then.minusNanos(System.nanoTime() - begunAtNanos);
    }

    private static ChainBuilder token() {
        return exec(getCookieValue(CookieKey("XSRF-TOKEN").saveAs("token")));
    }

    private static Session begun(Session session) {
        long user = session.userId();
        return session.set("address", "198.51." + user / 100 + "." + (1 + user % 100))
                .set("token", "")
                .set("revision", 0)
                .set("phase", "");
    }

    private Session typed(Session session) {
        String rate = "%.3f".formatted(3 + ThreadLocalRandom.current().nextInt(4000) / 1000.0);
        String changed = RATE.matcher(document).replaceFirst("$1" + rate);
        String checkedAgainst = "{\"document\": " + changed + ", \"sets\": " + limits;
        return session.set("document", changed)
                .set("question", checkedAgainst + ", \"programme\": null}")
                .set("limits", checkedAgainst + ", \"table\": null}");
    }

    private static String read(String name) {
        try {
            return Files.readString(DEMO.resolve(name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
