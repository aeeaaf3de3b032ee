package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** Where a request may cost nothing: what costs too much is looked for a few times a second, so a short one may be done before. */
class CostOfRequestsTest {
    private static final int MOST_TRIES = 5_000;
    private static final int LINES = 30_000;
    private static final String LADDER = "/api/ladders/0?stepPercent=0.125&down=40&up=40";

    private static ConfigurableApplicationContext application;
    private static Client bea;

    @BeforeAll
    static void start() {
        application = RunningServer.start(RunningServer.databaseUrl(), "--impendium.longest-calculation=0s");
        bea = Client.signedIn(new Client(RunningServer.urlOf(application)), Client.BEA);
    }

    @AfterAll
    static void stop() {
        application.close();
    }

    @Test
    void givesUpWhatTakesTooLongAndGoesOn() {
        Answer answer = until(
                422,
                LADDER,
                Documents.purchaseWith("terms.frequency", "\"WEEKLY\"").toString());

        assertThat(answer.body().get("title").asString()).isEqualTo("This takes too long to calculate");
        assertThat(bea.get("/api/session").status()).isEqualTo(200);
    }

    @Test
    void goesOnWithAnAnswerThatHasBegun() {
        String loans = IntStream.range(0, LINES)
                .mapToObj(i -> "Loan " + i + "," + (60_000 + i) + ",6.125,30\n")
                .collect(Collectors.joining("", "case,loan amount,rate,years\n", ""));
        String list = new JsonMapper().writeValueAsString(Map.of("text", loans));

        assertThat(until(200, "/api/loan-lists/reading", list).response().body())
                .contains("\"doing\":\"DONE\",\"done\":" + LINES);
    }

    private static Answer until(int status, String address, String body) {
        Answer answer = bea.post(address, body);
        for (int tries = 1; answer.status() != status && tries < MOST_TRIES; tries++) {
            answer = bea.post(address, body);
        }
        assertThat(answer.status()).isEqualTo(status);
        return answer;
    }
}
