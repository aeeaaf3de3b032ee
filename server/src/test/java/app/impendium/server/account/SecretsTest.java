package app.impendium.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.impendium.server.RunningServer;
import java.util.Base64;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

class SecretsTest {
    private static final Secrets OURS = new Secrets(key(1));

    private static String key(int fill) {
        byte[] bytes = new byte[32];
        bytes[0] = (byte) fill;
        return Base64.getEncoder().encodeToString(bytes);
    }

    @Test
    void whatIsSealedIsOpenedByItsKeyAlone() {
        String sealed = OURS.seal("ORANGE77");

        assertThat(sealed).doesNotContain("ORANGE77").isNotEqualTo(OURS.seal("ORANGE77"));
        assertThat(OURS.open(sealed)).contains("ORANGE77");
        assertThat(new Secrets(key(2)).open(sealed)).isEmpty();
        assertThat(OURS.open(sealed.substring(0, sealed.length() - 8))).isEmpty();
    }

    @Test
    void aKeyOfAnotherLengthIsRefused() {
        assertThatThrownBy(() -> new Secrets("YWJj"))
                .hasMessage("IMPENDIUM_SECRETS_KEY has 3 bytes, and must have 32.");
    }

    @Test
    void secretsFromBeforeAreSealedWhenTheApplicationStarts() {
        JdbcClient database = RunningServer.bean(JdbcClient.class);
        database.sql("update advisor set code_secret = 'ORANGE77', code_proposed = 'LEMON222' where email = ?")
                .param("bea@ostrander-pell.example")
                .update();
        try {
            new PlainSecrets(database, OURS).run(null);

            var stored = database.sql("select code_secret, code_proposed from advisor where email = ?")
                    .param("bea@ostrander-pell.example")
                    .query()
                    .singleRow();
            assertThat(OURS.open((String) stored.get("code_secret"))).contains("ORANGE77");
            assertThat(stored.get("code_proposed")).isNull();
        } finally {
            database.sql("update advisor set code_secret = null where email = ?")
                    .param("bea@ostrander-pell.example")
                    .update();
        }
    }
}
