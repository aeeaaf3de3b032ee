package app.impendium.e2e;

import java.io.IOException;
import java.util.Arrays;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/**
 * What a list, a search and a save take in a practice of fifty cases, and again with 5,000 cases and 1,000 states of the one that
 * is saved: the medians, and how much more the large one takes. Run by ./impendium soak.
 */
final class SoakSize {
    /** As many as a list shows at first, so that both lists tell as much. */
    private static final int FEW_CASES = 50;

    private static final int CASES = 5_000;
    private static final int STATES = 1_000;
    private static final int WARM_UP = 300;
    private static final int MEASURED = 300;
    private static final int AT_ONCE = 4;
    private static final double MOST = 1.3;

    private final SoakClient client;
    private final String address;
    private int revision;

    private SoakSize(SoakClient client) throws IOException, InterruptedException {
        this.client = client;
        this.address = "/api/cases/" + client.begin("Measured Mews");
    }

    /** Something that is asked, to be timed. */
    private interface Question {
        void ask() throws IOException, InterruptedException;
    }

    public static void main(String[] arguments) throws Exception {
        new SoakSize(SoakClient.signedIn(arguments[0])).run();
    }

    private void run() throws Exception {
        Question list = () -> client.get("/api/cases");
        Question search = () -> client.get("/api/cases?search=measured%20mews");
        grow(FEW_CASES, 0);
        double[] few = {median(list), median(search), median(this::save)};
        grow(CASES, STATES);
        double[] many = {median(list), median(search), median(this::save)};
        String[] names = {"list", "search", "save"};
        double worst = 0;
        for (int i = 0; i < names.length; i++) {
            System.out.printf(
                    "%s: %.1f ms with fifty cases, %.1f ms with %d cases and %d states: %.2f times%n",
                    names[i], few[i], many[i], CASES, STATES, many[i] / few[i]);
            worst = Math.max(worst, many[i] / few[i]);
        }
        System.exit(worst <= MOST ? 0 : 1);
    }

    private void save() throws IOException, InterruptedException {
        String body = SoakClient.document("Measured Mews, " + revision);
        int status = client.send("PUT", address, revision, body).statusCode();
        if (status != 200) {
            throw new IOException("a save was answered " + status);
        }
        revision++;
    }

    /** Begins as many cases, and saves one until it has as many states. */
    private void grow(int cases, int states) throws Exception {
        ExecutorService some = Executors.newFixedThreadPool(AT_ONCE);
        for (Future<String> each : some.invokeAll(IntStream.range(0, cases)
                .<Callable<String>>mapToObj(i -> () -> client.begin("Plot " + i + ", Long Meadow"))
                .toList())) {
            each.get();
        }
        some.shutdown();
        while (revision < states) {
            save();
        }
    }

    private static double median(Question question) throws IOException, InterruptedException {
        for (int i = 0; i < WARM_UP; i++) {
            question.ask();
        }
        double[] took = new double[MEASURED];
        for (int i = 0; i < MEASURED; i++) {
            long start = System.nanoTime();
            question.ask();
            took[i] = (System.nanoTime() - start) / 1e6;
        }
        Arrays.sort(took);
        return took[MEASURED / 2];
    }
}
