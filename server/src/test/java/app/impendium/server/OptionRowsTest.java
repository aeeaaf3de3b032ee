package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.api.Test;

/** The rows by which a practice compares options. */
class OptionRowsTest {
    private static final String ROWS = "/api/practice/option-rows";

    @Test
    void areChosenOnceForThePractice() {
        Client ines = Client.ofOwnPractice("Ines Corvo", "ines@corvo.example");
        assertThat(ines.get(ROWS).body().get("rows").toString()).contains("KEPT_COST", "PAYMENT");

        Answer chosen = ines.putUnconditionally(ROWS, "{\"rows\":[\"TOTAL_INTEREST\",\"PAYMENT\",\"PAYMENT\"]}");

        assertThat(chosen.body().toString()).isEqualTo("{\"rows\":[\"PAYMENT\",\"TOTAL_INTEREST\"]}");
        assertThat(Client.signedIn("ines@corvo.example").get(ROWS).body()).isEqualTo(chosen.body());
        assertThat(Client.signedIn(Client.BEA).get(ROWS).body()).isNotEqualTo(chosen.body());
    }

    @Test
    void areAtLeastOneThatThereIs() {
        Client ines = Client.ofOwnPractice("Ada Lund", "ada@lund.example");

        assertThat(ines.putUnconditionally(ROWS, "{\"rows\":[]}").messageAt("/rows"))
                .isEqualTo("Choose at least one row.");
        assertThat(ines.putUnconditionally(ROWS, "{\"rows\":[null]}").status()).isEqualTo(422);
        assertThat(ines.putUnconditionally(ROWS, "{\"rows\":[\"SURPRISE\"]}").status())
                .isEqualTo(400);
    }
}
