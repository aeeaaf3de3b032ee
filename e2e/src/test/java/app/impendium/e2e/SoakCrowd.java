package app.impendium.e2e;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * For a minute hand-outs, lists, slow bodies, clients' pages and logos are asked for as fast as answers come, beside advisors who edit
 * once a second. Of their edits 95 in 100 may take no more than a second, and nobody is answered with 500. Run by ./impendium soak.
 */
final class SoakCrowd {
    private static final Duration LASTS = Duration.ofMinutes(1);
    private static final Duration MOST = Duration.ofSeconds(1);
    private static final int ADVISORS = 5;
    private static final int PRINTERS = 20;
    private static final int READERS = 30;
    private static final int SLOW = 220;
    private static final int SLOW_ADDRESSES = 3;
    private static final int LOGO_PIXELS = 4_000;

    private final String url;
    private final Instant end = Instant.now().plus(LASTS);
    private final ExecutorService all = Executors.newCachedThreadPool();
    private final Map<String, Integer> answers = new ConcurrentSkipListMap<>();
    private final List<Long> editsMs = Collections.synchronizedList(new ArrayList<>());

    private SoakCrowd(String url) {
        this.url = url;
    }

    /** What somebody does again and again. */
    private interface Act {
        HttpResponse<String> once() throws IOException, InterruptedException;
    }

    public static void main(String[] arguments) throws Exception {
        System.exit(new SoakCrowd(arguments[0]).holds() ? 0 : 1);
    }

    private boolean holds() throws Exception {
        List<Future<?>> crowd = new ArrayList<>();
        SoakClient greedy = SoakClient.signedIn(url, "203.0.113.20");
        String handout = handout();
        for (int i = 0; i < PRINTERS; i++) {
            crowd.add(again("hand-out", () -> greedy.send("POST", "/api/hand-outs/pdf", null, handout)));
        }
        SoakClient lister = SoakClient.signedIn(url, "203.0.113.21");
        for (String text : List.of(",".repeat(8_000_000), "\n".repeat(4_000_000))) {
            String list = SoakClient.JSON.createObjectNode().put("text", text).toString();
            crowd.add(again("list", () -> lister.send("POST", "/api/loan-lists/reading", null, list)));
        }
        SoakClient owner = SoakClient.signedIn(url, "203.0.113.22");
        String logo = logo();
        AtomicInteger revision =
                new AtomicInteger(owner.get("/api/letterhead").get("revision").asInt());
        crowd.add(again("logo", () -> {
            int seen = revision.getAndIncrement();
            String letterhead =
                    "{\"name\": \"Letterhead %d\", \"address\": \"\", \"logo\": \"%s\"}".formatted(seen, logo);
            return owner.send("PUT", "/api/letterhead", seen, letterhead);
        }));
        String page = "{\"key\": \"%s\", \"chartWidth\": 680}".formatted(link(owner));
        SoakClient reader = SoakClient.signedIn(url, "203.0.113.23");
        for (int i = 0; i < READERS; i++) {
            crowd.add(again("client's page", () -> reader.send("POST", "/api/client-page", null, page)));
        }
        for (int i = 0; i < SLOW; i++) {
            String from = "203.0.113." + (30 + i % SLOW_ADDRESSES);
            crowd.add(all.submit(() -> trickle(from)));
        }
        for (int i = 0; i < ADVISORS; i++) {
            SoakClient advisor = SoakClient.signedIn(url, "203.0.113." + (50 + i));
            crowd.add(all.submit(() -> edit(advisor)));
        }
        for (Future<?> each : crowd) {
            each.get();
        }
        all.shutdown();
        return tell();
    }

    private boolean tell() {
        List<Long> sorted = editsMs.stream().sorted().toList();
        long p95 = sorted.get(sorted.size() * 95 / 100);
        boolean isOneWrong = answers.keySet().stream().anyMatch(each -> each.endsWith(" 500"));
        System.out.printf(
                "%d edits beside the crowd, 95 in 100 within %d ms, the longest %d ms; answers %s%n",
                sorted.size(), p95, sorted.get(sorted.size() - 1), answers);
        return p95 <= MOST.toMillis() && !isOneWrong;
    }

    private Future<?> again(String what, Act act) {
        return all.submit(() -> {
            while (Instant.now().isBefore(end)) {
                String came;
                try {
                    came = String.valueOf(act.once().statusCode());
                } catch (IOException broken) {
                    came = "broken off";
                }
                answers.merge(what + " " + came, 1, Integer::sum);
            }
            return null;
        });
    }

    private Void edit(SoakClient advisor) throws Exception {
        String address = "/api/cases/" + advisor.begin("Edited beside a crowd");
        for (int revision = 0; Instant.now().isBefore(end); revision++) {
            String document = SoakClient.document("Edited beside a crowd, " + revision);
            long start = System.nanoTime();
            HttpResponse<String> figures =
                    advisor.send("POST", "/api/figures", null, "{\"document\": " + document + "}");
            HttpResponse<String> saved = advisor.send("PUT", address, revision, document);
            editsMs.add(TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - start));
            answers.merge("edit " + figures.statusCode(), 1, Integer::sum);
            answers.merge("save " + saved.statusCode(), 1, Integer::sum);
            Thread.sleep(1000);
        }
        return null;
    }

    /** Sends a body a byte a second, and begins again when it is given up. */
    private Void trickle(String from) throws InterruptedException {
        URI server = URI.create(url);
        while (Instant.now().isBefore(end)) {
            try (Socket socket = new Socket(server.getHost(), server.getPort())) {
                socket.getOutputStream()
                        .write(("POST /api/client-page HTTP/1.1\r\nHost: " + server.getAuthority()
                                        + "\r\nX-Forwarded-For: " + from
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 900\r\n\r\n")
                                .getBytes(StandardCharsets.US_ASCII));
                while (Instant.now().isBefore(end)) {
                    socket.getOutputStream().write('{');
                    socket.getOutputStream().flush();
                    Thread.sleep(1000);
                }
            } catch (IOException given) {
                answers.merge("slow body given up", 1, Integer::sum);
            }
        }
        return null;
    }

    private static String handout() {
        ObjectNode document = (ObjectNode) SoakClient.JSON.readTree(SoakClient.document("Printed by many"));
        ((ObjectNode) document.at("/options/0/terms"))
                .put("amortizationMonths", 360)
                .put("frequency", "WEEKLY");
        JsonNode all = SoakClient.JSON.readTree("""
                {"sections": ["LOAN", "MONTHLY_COST", "OPTIONS", "LIFELINE", "SCHEDULE", "ASSUMPTIONS", "WORKINGS"],
                 "detail": "FULL"}""");
        document.set("handout", all);
        ObjectNode question = SoakClient.JSON.createObjectNode();
        question.set("document", document);
        return question.toString();
    }

    private static String link(SoakClient advisor) throws IOException, InterruptedException {
        String address = "/api/cases/" + advisor.begin("Read by many") + "/client-links";
        HttpResponse<String> made = advisor.send(
                "POST",
                address,
                0,
                "{\"endsOn\": \"%s\"}".formatted(LocalDate.now().plusDays(30)));
        return SoakClient.JSON.readTree(made.body()).get("key").asString();
    }

    private static String logo() throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(LOGO_PIXELS, LOGO_PIXELS, BufferedImage.TYPE_BYTE_BINARY), "png", png);
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
    }
}
