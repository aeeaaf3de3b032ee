package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Passwords that are tried one after the other, and advisors whom nobody can keep out that way. */
class SignInAttemptsTest {
    private static final int MOST = 10;

    @Test
    void anAccountIsClosedToTheAddressThatTriesIt() {
        String email = someone("tried");

        assertThat(IntStream.range(0, MOST).map(i -> wrong(email, "198.51.100.1")))
                .containsOnly(401);

        Answer refused = signIn(email, Client.PASSWORD, "198.51.100.1");
        assertThat(refused.status()).isEqualTo(429);
        assertThat(refused.header("Retry-After")).isEqualTo("900");
        assertThat(refused.body().at("/detail").asString()).startsWith("Too many wrong passwords");
        assertThat(signIn(email, Client.PASSWORD, "198.51.100.2").status()).isEqualTo(204);
    }

    @Test
    void whatIsSentAtOnceIsCountedAllTheSame() throws Exception {
        String email = someone("at-once");
        ExecutorService many = Executors.newFixedThreadPool(20);
        try {
            List<Future<Integer>> answers = IntStream.range(0, 40)
                    .mapToObj(i -> many.submit(() -> wrong(email, "198.51.100.3")))
                    .toList();
            int looked = 0;
            for (Future<Integer> answer : answers) {
                looked += answer.get() == 401 ? 1 : 0;
            }
            assertThat(looked).isEqualTo(MOST);
        } finally {
            many.shutdownNow();
        }
    }

    @Test
    void aRightPasswordForgetsTheWrongOnesBeforeIt() {
        String email = someone("forgiven");
        for (int i = 0; i < 3; i++) {
            assertThat(IntStream.range(0, MOST - 1).map(each -> wrong(email, "198.51.100.4")))
                    .containsOnly(401);
            assertThat(signIn(email, Client.PASSWORD, "198.51.100.4").status()).isEqualTo(204);
        }
    }

    @Test
    void aQuarterOfAnHourLaterItIsOpenAgain() {
        String email = someone("later");
        IntStream.rangeClosed(0, MOST).forEach(i -> wrong(email, "198.51.100.5"));
        assertThat(signIn(email, Client.PASSWORD, "198.51.100.5").status()).isEqualTo(429);

        RunningServer.bean(JdbcClient.class)
                .sql("update sign_in_attempt set since = since - interval '16 minutes' where address = ?")
                .param("198.51.100.5")
                .update();

        assertThat(signIn(email, Client.PASSWORD, "198.51.100.5").status()).isEqualTo(204);
    }

    @Test
    void anAddressCannotTryAccountAfterAccount() {
        List<Integer> answers = IntStream.range(0, 70)
                .map(i -> wrong("nobody-" + i + "@attempts.example", "198.51.100.6"))
                .boxed()
                .toList();

        assertThat(answers.subList(0, 60)).containsOnly(401);
        assertThat(answers.subList(60, 70)).containsOnly(429);
    }

    @Test
    void manyAddressesCannotKeepAnAdvisorOut() {
        String email = someone("besieged");
        assertThat(signIn(email, Client.PASSWORD, "203.0.113.1").status()).isEqualTo(204);

        List<Integer> answers = IntStream.range(0, 110)
                .map(i -> wrong(email, "198.18.0." + i))
                .boxed()
                .toList();

        assertThat(answers.subList(100, 110)).containsOnly(429);
        assertThat(signIn(email, Client.PASSWORD, "203.0.113.1").status()).isEqualTo(204);
        assertThat(signIn(email, Client.PASSWORD, "203.0.113.2").status()).isEqualTo(429);
    }

    @Test
    void nothingIsKeptOfWhatWasTyped() {
        wrong("A Secret Typed Here", "198.51.100.7");

        assertThat(RunningServer.bean(JdbcClient.class)
                        .sql("select account from sign_in_attempt where address = ?")
                        .param("198.51.100.7")
                        .query(String.class)
                        .list())
                .hasSize(2)
                .noneMatch(account -> account.toLowerCase(java.util.Locale.ROOT).contains("secret"));
    }

    /** A person of a practice of their own. */
    private static String someone(String name) {
        String email = name + "@attempts.example";
        Client.ofOwnPractice(name, email);
        return email;
    }

    private static int wrong(String email, String address) {
        return signIn(email, "wrong", address).status();
    }

    /** Signs in through a proxy that speaks for an address. */
    private static Answer signIn(String email, String password, String address) {
        Client client = new Client();
        client.get("/api/session");
        return client.send(client.request("/api/session")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-Forwarded-For", address)
                .POST(BodyPublishers.ofString("email=" + encoded(email) + "&password=" + encoded(password))));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
