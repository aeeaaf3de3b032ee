package app.impendium.e2e;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import tools.jackson.databind.JsonNode;

/**
 * Ten writers save one case a thousand times in all, each from the state that it has seen last; what is refused as seen too long
 * ago is saved again. Looks for each save among the states. Run by ./impendium soak.
 */
final class SoakWriters {
    private static final int WRITERS = 10;
    private static final int SAVES_OF_EACH = 100;
    private static final int PART = 25;

    private SoakWriters() {}

    public static void main(String[] arguments) throws Exception {
        String url = arguments[0];
        SoakClient first = SoakClient.signedIn(url);
        String address = "/api/cases/" + first.begin("Written by ten");
        Set<String> saved = ConcurrentHashMap.newKeySet();
        List<Callable<Integer>> writers = new ArrayList<>();
        for (int i = 0; i < WRITERS; i++) {
            String name = "Writer " + i;
            writers.add(() -> write(SoakClient.signedIn(url), address, name, saved));
        }
        ExecutorService all = Executors.newFixedThreadPool(WRITERS);
        int conflicts = 0;
        for (Future<Integer> each : all.invokeAll(writers)) {
            conflicts += each.get();
        }
        all.shutdown();
        List<String> kept = new ArrayList<>();
        for (int from = 0, total = 1; from < total; from += PART) {
            JsonNode part = first.get(address + "/states?from=" + from);
            total = part.get("total").asInt();
            for (JsonNode state : part.get("states")) {
                kept.add(state.at("/document/title").asString());
            }
        }
        saved.removeAll(Set.copyOf(kept));
        System.out.printf(
                "%d saves by %d writers, %d conflicts told, %d states kept, %d saves lost%n",
                WRITERS * SAVES_OF_EACH, WRITERS, conflicts, kept.size(), saved.size());
        System.exit(saved.isEmpty() && kept.size() == WRITERS * SAVES_OF_EACH + 1 ? 0 : 1);
    }

    /** @return how often a colleague's save had come before */
    private static int write(SoakClient client, String address, String name, Set<String> saved) throws Exception {
        int conflicts = 0;
        for (int count = 0; count < SAVES_OF_EACH; ) {
            String title = name + ", save " + count;
            int revision = client.get(address).get("revision").asInt();
            HttpResponse<String> answer = client.send("PUT", address, revision, SoakClient.document(title));
            switch (answer.statusCode()) {
                case 200 -> {
                    saved.add(title);
                    count++;
                }
                case 409 -> conflicts++;
                default -> throw new IllegalStateException("a save was answered " + answer.statusCode());
            }
        }
        return conflicts;
    }
}
