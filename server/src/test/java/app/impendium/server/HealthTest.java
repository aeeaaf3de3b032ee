package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.api.Test;

class HealthTest {

    @Test
    void tellsWithoutASessionWhetherAllIsWellAndNothingElse() {
        Answer health = new Client().get("/actuator/health");

        assertThat(health.status()).isEqualTo(200);
        assertThat(health.response().body()).isEqualTo("{\"status\":\"UP\"}");
    }

    @Test
    void servesTheFrontEndAtItsOwnAddresses() {
        for (String address : new String[] {"/", "/cases", "/cases/1c7f"}) {
            Answer page = new Client().get(address);
            assertThat(page.status()).isEqualTo(200);
            assertThat(page.response().body()).contains("<div id=\"root\">");
            assertThat(page.header("Content-Security-Policy")).contains("default-src 'self'");
        }
    }
}
