package app.impendium.server.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.server.RunningServer;
import app.impendium.server.mail.Outbox.Way;
import app.impendium.server.mail.SentMail.State;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetupTest;
import jakarta.mail.internet.MimeMessage;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Mail by a real mail server, which runs beside the tests. */
class MailDeliveryTest {
    private static final JdbcClient DATABASE = RunningServer.bean(JdbcClient.class);
    private static final Mail MAIL = new Mail("wim@tarn.example", "Join Tarn Advice", "Hier, für Sie: /password#key");

    private final GreenMail received = new GreenMail(ServerSetupTest.SMTP.dynamicPort());
    private final UUID practice =
            DATABASE.sql("select id from practice limit 1").query(UUID.class).single();

    @BeforeEach
    void start() {
        DATABASE.sql("delete from sent_mail").update();
        received.start();
    }

    @AfterEach
    void stop() {
        received.stop();
    }

    @Test
    void isGivenToTheServerAndItsWordsAreForgotten() throws Exception {
        MailServer server = at(received.getSmtp().getPort());
        outbox(server, false).send(practice, MAIL);
        assertThat(outbox(server, false).of(practice)).singleElement().satisfies(waiting -> {
            assertThat(waiting.state()).isEqualTo(State.WAITING);
            assertThat(waiting.words()).isNull();
        });

        delivery(server, Clock.systemUTC()).run();
        delivery(server, Clock.systemUTC()).run();

        MimeMessage[] came = received.getReceivedMessages();
        assertThat(came).hasSize(1);
        assertThat(came[0].getSubject()).isEqualTo("Join Tarn Advice");
        assertThat(came[0].getFrom()[0]).hasToString("advice@impendium.example");
        assertThat(came[0].getContent().toString().strip()).isEqualTo(MAIL.words());
        assertThat(GreenMailUtil.getHeaders(came[0])).contains("wim@tarn.example");
        assertThat(words()).containsExactly((String) null);
        assertThat(outbox(server, false).of(practice))
                .singleElement()
                .satisfies(sent -> assertThat(sent.state()).isEqualTo(State.SENT));
    }

    @Test
    void waitsForAServerThatIsAwayAndIsGivenUpAfterThreeDays() {
        int port = received.getSmtp().getPort();
        received.stop();
        MailServer away = at(port);
        outbox(away, false).send(practice, MAIL);

        assertThatThrownBy(delivery(away, Clock.systemUTC())::run).hasMessage("The mail server did not take all mail");
        assertThat(words()).containsExactly(MAIL.words());

        delivery(away, Clock.offset(Clock.systemUTC(), Duration.ofDays(4))).run();
        assertThat(words()).containsExactly((String) null);
        assertThat(outbox(away, false).of(practice))
                .singleElement()
                .satisfies(given -> assertThat(given.state()).isEqualTo(State.NOT_SENT));
    }

    @Test
    void isNeitherSentNorKeptWithoutAServerButInTheDemo() {
        MailServer none = new MailServer("", 587, "", "", true, "");
        outbox(none, false).send(practice, MAIL);

        assertThat(outbox(none, false).way()).isEqualTo(Way.NONE);
        assertThat(words()).containsExactly((String) null);

        outbox(none, true).send(practice, MAIL);
        assertThat(delivery(none, Clock.systemUTC()).isOn()).isFalse();
        assertThat(outbox(none, true).of(practice)).extracting(SentMail::words).contains(MAIL.words());
    }

    @Test
    void aServerNeedsAnAddressThatMailComesFrom() {
        assertThatThrownBy(() -> new MailServer("mail.example", 587, "", "", true, " "))
                .hasMessageStartingWith("IMPENDIUM_SMTP_FROM is not set");
    }

    private static MailServer at(int port) {
        return new MailServer("127.0.0.1", port, "", "", false, "advice@impendium.example");
    }

    private static Outbox outbox(MailServer server, boolean isDemo) {
        return new Outbox(DATABASE, server, isDemo, event -> {}, Clock.systemUTC());
    }

    private static MailDelivery delivery(MailServer server, Clock clock) {
        return new MailDelivery(DATABASE, server, clock);
    }

    private static List<String> words() {
        return DATABASE.sql("select words from sent_mail").query(String.class).list();
    }
}
