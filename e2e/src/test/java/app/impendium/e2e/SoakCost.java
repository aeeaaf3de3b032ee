package app.impendium.e2e;

import java.net.http.HttpResponse;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The costliest questions that can be asked: every case of the demo with as many options as a case may have, each paid weekly over
 * forty years, under fifty limit sets. No answer may take more than two seconds. Run by ./impendium soak.
 */
final class SoakCost {
    private static final int MOST_OPTIONS = 6;
    private static final int MOST_SETS = 50;
    private static final long LONGEST_MS = 2_000;

    private final SoakClient client;
    private final SampleBodies samples;
    private long worst;

    private SoakCost(SoakClient client, SampleBodies samples) {
        this.client = client;
        this.samples = samples;
    }

    public static void main(String[] arguments) throws Exception {
        SoakCost cost = new SoakCost(SoakClient.signedIn(arguments[0]), new SampleBodies(new Random(1)));
        for (JsonNode document : cost.samples.all("CaseDocument")) {
            cost.askAll(heavy((ObjectNode) document.deepCopy()));
        }
        System.out.printf("the costliest answer took %d ms%n", cost.worst);
        System.exit(cost.worst <= LONGEST_MS ? 0 : 1);
    }

    private static ObjectNode heavy(ObjectNode document) {
        ArrayNode options = (ArrayNode) document.get("options");
        JsonNode first = options.get(0);
        while (options.size() < MOST_OPTIONS) {
            options.add(((ObjectNode) first.deepCopy()).put("id", "option-" + options.size() + "-more"));
        }
        for (JsonNode option : options) {
            ((ObjectNode) option.get("terms")).put("amortizationMonths", 480).put("frequency", "WEEKLY");
        }
        return document;
    }

    private void askAll(ObjectNode document) throws Exception {
        String title = document.get("title").asString();
        String alone = document.toString();
        ask(title, "/api/evaluations", alone);
        ask(title, "/api/comparisons", alone);
        ask(title, "/api/schedules/0", alone);
        ask(title, "/api/ladders/0?stepPercent=0.125&down=40&up=40", alone);
        ask(title, "/api/targets/0?target=MONTHLY_TOTAL&limit=150000", alone);
        ask(title, "/api/targets/0?target=TOTAL_INTEREST&limit=9000000", alone);
        ask(title, "/api/workings/0", alone);
        ObjectNode question = SoakClient.JSON.createObjectNode();
        question.set("document", document);
        ArrayNode sets = question.putArray("sets");
        while (sets.size() < MOST_SETS) {
            samples.all("LimitSetDocument").forEach(sets::add);
        }
        while (sets.size() > MOST_SETS) {
            sets.remove(sets.size() - 1);
        }
        question.set("table", samples.all("RateTableDocument").get(0));
        ask(title, "/api/affordability/0", question.toString());
        question.remove("table");
        ask(title, "/api/borrowing/0", question.put("chosen", 0).toString());
        ObjectNode handout = SoakClient.JSON.createObjectNode().put("option", 0);
        handout.set("document", document);
        handout.putArray("titles");
        ask(title, "/api/hand-outs/pdf", handout.toString());
        ask(title, "/api/workbooks", handout.toString());
    }

    private void ask(String title, String address, String body) throws Exception {
        long start = System.nanoTime();
        HttpResponse<String> answer = client.send("POST", address, null, body);
        long took = (System.nanoTime() - start) / 1_000_000;
        worst = Math.max(worst, took);
        if (took > LONGEST_MS / 2 || answer.statusCode() >= 500) {
            System.out.printf("%5d ms, %d: %s of %s%n", took, answer.statusCode(), address, title);
        }
    }
}
