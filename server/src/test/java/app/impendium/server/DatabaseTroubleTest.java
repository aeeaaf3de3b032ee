package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.net.URI;
import java.sql.Connection;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.context.ConfigurableApplicationContext;

/** With the database away or busy every request is told so, in one problem document and one line of the log. */
class DatabaseTroubleTest {
    private static final int CONNECTIONS = 2;
    private static final int MOST_TRIES = 50;

    private static Wire wire;
    private static ConfigurableApplicationContext application;
    private static Client bea;

    private final ListAppender<ILoggingEvent> log = new ListAppender<>();

    @BeforeAll
    static void startBehindAWire() {
        String direct = RunningServer.databaseUrl();
        int port = URI.create(direct.substring("jdbc:".length())).getPort();
        wire = new Wire(port);
        application = RunningServer.start(
                direct.replace(":" + port + "/", ":" + wire.port() + "/"),
                "--spring.datasource.hikari.maximum-pool-size=" + CONNECTIONS,
                "--spring.datasource.hikari.connection-timeout=1000");
        bea = Client.signedIn(new Client(RunningServer.urlOf(application)), Client.BEA);
    }

    @AfterAll
    static void stop() {
        application.close();
        wire.cut();
    }

    @Test
    void tellsThatItIsAwayWhateverIsAskedAndGoesOnWhenItIsBack() {
        Client stranger = new Client(RunningServer.urlOf(application));
        stranger.get("/actuator/health");
        wire.cut();
        try {
            Stream.of(
                            bea.get("/api/cases"),
                            bea.post("/api/cases", Documents.purchase("Away").toString()),
                            bea.signIn(Client.BEA, Client.PASSWORD))
                    .forEach(answer -> assertThat(answer)
                            .satisfies(DatabaseTroubleTest::assertIsTrouble)
                            .extracting(away -> away.body().get("title").asString())
                            .isEqualTo("The database does not answer"));
            assertHasOneLine(() -> bea.get("/api/cases"));
            assertThat(bea.get("/cases").status())
                    .as("a page, which needs none")
                    .isEqualTo(200);
        } finally {
            wire.mend();
        }

        int tries = 0;
        while (bea.get("/api/cases").status() != 200 && tries < MOST_TRIES) {
            tries++;
        }
        assertThat(bea.get("/api/cases").status()).isEqualTo(200);
    }

    @Test
    void tellsThatItIsBusy() throws Exception {
        DataSource pool = application.getBean(DataSource.class);
        try (Connection one = pool.getConnection();
                Connection other = pool.getConnection()) {
            assertThat(one).isNotSameAs(other);
            Answer answer = bea.get("/api/cases");

            assertIsTrouble(answer);
            assertThat(answer.body().get("title").asString()).isEqualTo("The database is busy");
        }
        assertThat(bea.get("/api/cases").status()).isEqualTo(200);
    }

    private void assertHasOneLine(Runnable request) {
        Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
        log.start();
        root.addAppender(log);
        request.run();
        root.detachAppender(log);
        // Jobs tell for themselves, in their own threads, that they wait for it.
        assertThat(log.list)
                .filteredOn(line -> line.getThreadName().contains("-exec-"))
                .singleElement()
                .extracting(ILoggingEvent::getFormattedMessage)
                .isEqualTo("503 GET /api/cases: The database does not answer");
    }

    private static void assertIsTrouble(Answer answer) {
        assertThat(answer.status()).isEqualTo(503);
        assertThat(answer.header("Content-Type")).startsWith("application/problem+json");
        assertThat(Integer.parseInt(answer.header("Retry-After"))).isPositive();
    }
}
