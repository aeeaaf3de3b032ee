package app.impendium.e2e;

import java.io.IOException;
import java.math.BigDecimal;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Twenty thousand bodies that somebody got wrong: what each address takes, with members that are changed, taken away, doubled or cut
 * off, sent to every address that takes a body, every fourth with a query that somebody got wrong. None may be answered with 500, none may take more than two seconds. Run by
 * ./impendium soak.
 */
final class SoakBodies {
    private static final int BODIES = 20_000;
    private static final Duration LONGEST = Duration.ofSeconds(2);
    private static final long SEED = 20_261_127L;
    private static final List<String> STRANGE = List.of(
            "null",
            "true",
            "-1",
            "0",
            "1e400",
            "9223372036854775808",
            "1.00000000000000000000000000000000000000001",
            "\"\"",
            "\"\\u0000\"",
            "\"9999-12-31\"",
            "\"" + "x".repeat(5000) + "\"",
            "[]",
            "{}",
            "[[[[[[]]]]]]",
            "\"US\"",
            "{\"percent\": 1}",
            "1E2147483648",
            "-1E-2147483648",
            "\" =2+2\"",
            "\"＝2+2\"",
            "\"\u200b\"",
            "99999999999");
    private static final List<String> QUERIES = List.of(
            "?search=%25",
            "?search=%ff",
            "?option=%00",
            "?option=9999999999",
            "?from=-1",
            "?market=%C3%A9",
            "?limit=1E2147483648",
            "?%f0%28=%f0%28",
            "?" + "a=b&".repeat(500));

    private final Random random = new Random(SEED);
    private final SoakClient client;
    private final SampleBodies samples;

    private SoakBodies(SoakClient client) throws IOException {
        this.client = client;
        this.samples = new SampleBodies(random);
    }

    public static void main(String[] arguments) throws Exception {
        new SoakBodies(SoakClient.signedIn(arguments[0])).run();
    }

    private void run() throws Exception {
        List<SampleBodies.Address> addresses = samples.addresses();
        Map<Integer, Integer> statuses = new TreeMap<>();
        List<String> wrong = new ArrayList<>();
        Duration longest = Duration.ZERO;
        for (int i = 0; i < BODIES; i++) {
            SampleBodies.Address address = addresses.get(i % addresses.size());
            String path = address.path()
                    .replaceAll("\\{(option|line|first|last|income)}", "0")
                    .replace("{unknown}", "PAYMENT")
                    .replace("{lever}", "RATE")
                    .replace("{percent}", "5.5")
                    .replace("{compounding}", "MONTHLY")
                    .replaceAll("\\{\\w+}", UUID.randomUUID().toString());
            if (random.nextInt(4) == 0) {
                path = path.replaceAll("[?].*", "") + QUERIES.get(random.nextInt(QUERIES.size()));
            }
            String body = mutated(address.body());
            long start = System.nanoTime();
            HttpResponse<String> answer = client.send(address.method(), path, 0, body);
            Duration took = Duration.ofNanos(System.nanoTime() - start);
            longest = took.compareTo(longest) > 0 ? took : longest;
            statuses.merge(answer.statusCode(), 1, Integer::sum);
            if (answer.statusCode() >= 500 || took.compareTo(LONGEST) > 0) {
                wrong.add(answer.statusCode() + " after " + took.toMillis() + " ms: " + address.method() + " " + path
                        + " " + body.substring(0, Math.min(400, body.length())));
            }
        }
        wrong.stream().limit(20).forEach(System.out::println);
        System.out.printf(
                "%d bodies to %d addresses, answers %s, the longest after %d ms, %d as they may not be%n",
                BODIES, addresses.size(), statuses, longest.toMillis(), wrong.size());
        System.exit(wrong.isEmpty() ? 0 : 1);
    }

    private String mutated(JsonNode body) {
        for (int changes = random.nextInt(4); changes > 0; changes--) {
            change(body, random.nextInt(6));
        }
        String text = body.toString();
        return random.nextInt(12) == 0 ? text.substring(0, random.nextInt(text.length())) : text;
    }

    /** Changes a member some steps into the tree. */
    private void change(JsonNode node, int steps) {
        if (node instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = List.copyOf(object.propertyNames());
            String name = names.get(random.nextInt(names.size()));
            if (steps > 0 && object.get(name).isContainer() && !object.get(name).isEmpty()) {
                change(object.get(name), steps - 1);
            } else if (random.nextInt(4) == 0) {
                object.remove(name);
            } else {
                object.set(name, strange());
            }
        } else if (node instanceof ArrayNode array && !array.isEmpty()) {
            int index = random.nextInt(array.size());
            if (steps > 0 && array.get(index).isContainer() && !array.get(index).isEmpty()) {
                change(array.get(index), steps - 1);
            } else if (random.nextInt(3) == 0) {
                for (int copies = random.nextInt(300); copies > 0; copies--) {
                    array.add(array.get(index));
                }
            } else {
                array.set(index, strange());
            }
        }
    }

    private JsonNode strange() {
        String json = STRANGE.get(random.nextInt(STRANGE.size()));
        return json.equals("1e400")
                ? SoakClient.JSON.getNodeFactory().numberNode(new BigDecimal(json))
                : SoakClient.JSON.readTree(json);
    }
}
