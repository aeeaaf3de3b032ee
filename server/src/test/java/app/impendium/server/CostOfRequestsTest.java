package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** A calculation that costs more than a request may is given up, and the next one goes on. */
class CostOfRequestsTest {
    private static final int MOST_TRIES = 200;
    private static final String LADDER = "/api/ladders/0?stepPercent=0.125&down=40&up=40";

    @Test
    void givesUpWhatTakesTooLong() {
        String document = Documents.purchase("Costly").toString();
        try (ConfigurableApplicationContext application =
                RunningServer.start(RunningServer.databaseUrl(), "--impendium.longest-calculation=0s")) {
            Client bea = Client.signedIn(new Client(RunningServer.urlOf(application)), Client.BEA);
            Answer answer = bea.post(LADDER, document);
            // What costs too much is looked for a few times a second: a short calculation may be done before.
            for (int tries = 1; answer.status() == 200 && tries < MOST_TRIES; tries++) {
                answer = bea.post(LADDER, document);
            }

            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body().get("title").asString()).isEqualTo("This takes too long to calculate");
            assertThat(bea.get("/api/session").status()).isEqualTo(200);
        }
    }
}
