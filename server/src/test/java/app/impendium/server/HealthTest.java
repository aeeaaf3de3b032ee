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
    void listsNothingOfWhatThereIsToAsk() {
        assertThat(new Client().get("/actuator").status()).isEqualTo(404);
    }

    @Test
    void tellsItsMetricsToWhoShowsTheTokenAlone() {
        Client nobody = new Client();
        assertThat(nobody.get("/actuator/prometheus").status()).isEqualTo(401);
        assertThat(Client.signedIn(Client.BEA).get("/actuator/prometheus").status())
                .isEqualTo(403);
        assertThat(metrics(nobody, "Bearer ").status()).isEqualTo(401);

        Answer metrics = metrics(nobody, "Bearer " + RunningServer.METRICS_TOKEN);

        assertThat(metrics.status()).isEqualTo(200);
        assertThat(metrics.response().body())
                .contains("http_server_requests_seconds_count", "hikaricp_connections_pending", "impendium_windows")
                .contains("impendium_backup_age_seconds NaN")
                .doesNotContain("ostrander");
    }

    private static Answer metrics(Client client, String shown) {
        return client.send(client.request("/actuator/prometheus")
                .header("Authorization", shown)
                .GET());
    }

    @Test
    void servesTheFrontEndAtItsOwnAddresses() {
        for (String address : new String[] {"/", "/cases", "/cases/1c7f", "/clients/1c7f", "/practice/log"}) {
            Answer page = new Client().get(address);
            assertThat(page.status()).isEqualTo(200);
            assertThat(page.response().body()).contains("<div id=\"root\">");
            assertThat(page.header("Content-Security-Policy")).contains("default-src 'self'");
        }
    }
}
