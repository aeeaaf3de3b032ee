package app.impendium.server;

import static app.impendium.server.People.GOOD_PASSWORD;
import static app.impendium.server.People.signIn;
import static app.impendium.server.People.signedIn;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.apache.commons.codec.digest.DigestUtils;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.node.ObjectNode;

/** A practice of one's own, set up by a code. */
class SetupTest {
    private static final JdbcClient DATABASE = RunningServer.bean(JdbcClient.class);

    @Test
    void aCodeSetsUpOnePracticeWithItsOwner() {
        issue("ABOI2345EFGH6723", "1 day");
        ObjectNode wanted = wanted("ab01-2345-efgh-6723", "first@set-up.example");

        assertThat(setUp(wanted).status()).isEqualTo(204);

        Client owner = signedIn("first@set-up.example", GOOD_PASSWORD);
        assertThat(owner.get("/api/session").body().at("/practice").asString()).isEqualTo("Larkfield Advice");
        assertThat(owner.get("/api/session").body().at("/role").asString()).isEqualTo("OWNER");
        assertThat(owner.get("/api/practice").body().get("settings"))
                .hasToString("{\"name\":\"Larkfield Advice\",\"market\":\"GB\",\"timeZone\":\"Europe/London\"}");
        assertThat(owner.get("/api/cases").body().at("/total").asInt()).isZero();
        assertThat(setUp(wanted("ABOI2345EFGH6723", "second@set-up.example")).messageAt("/code"))
                .startsWith("This is not a set-up code that is good.");
    }

    @Test
    void ofSeveralWhoUseACodeAtOnceOneSetsUpAPractice() throws Exception {
        issue("RACED2345EFGH672", "1 day");

        assertThat(RacesTest.statuses(
                        RacesTest.atOnce(i -> setUp(wanted("RACED2345EFGH672", "raced-" + i + "@set-up.example")))))
                .containsExactlyInAnyOrderElementsOf(RacesTest.oneAnd(204, 422));
    }

    @Test
    void whatIsWrongIsToldAtItsFieldAndTheCodeIsGoodStill() {
        issue("MISTAKES22334455", "1 day");
        String code = "MISTAKES22334455";

        assertThat(setUp(wanted(code, "m@set-up.example").put("practice", "")).messageAt("/practice"))
                .isEqualTo("Type what the practice is called.");
        assertThat(setUp(wanted(code, "m@set-up.example").put("timeZone", "Mars/Base"))
                        .messageAt("/timeZone"))
                .startsWith("There is no such time zone");
        assertThat(setUp(wanted(code, Client.BEA)).messageAt("/email"))
                .isEqualTo("Somebody signs in with this email already.");
        assertThat(setUp(wanted(code, "m@set-up.example").put("password", "larkfield advice"))
                        .messageAt("/password"))
                .startsWith("This password is easy to guess");
        assertThat(setUp(wanted(code, "m@set-up.example").put("password", "impendium1234"))
                        .messageAt("/password"))
                .startsWith("This password is easy to guess");
        assertThat(new Client().get("/api/setup").body()).hasToString("{\"isEmpty\":false}");
        assertThat(setUp(wanted(code, "m@set-up.example")).status()).isEqualTo(204);
    }

    @Test
    void withoutACodeNothingIsToldOfWhoSignsInHere() {
        issue("TOOLATE234567ABC", "-1 minute");

        for (String code : new String[] {"TOOLATE234567ABC", "NEVERWASONE23456", ""}) {
            Answer refused = setUp(wanted(code, Client.BEA));
            assertThat(refused.messageAt("/code")).startsWith("This is not a set-up code");
            assertThat(refused.messageAt("/email")).startsWith("nothing at /email");
        }
        assertThat(signIn("nobody@set-up.example", GOOD_PASSWORD)).isEqualTo(401);
    }

    private static ObjectNode wanted(String code, String email) {
        return ((ObjectNode) Documents.json("""
                        {"practice": "Larkfield Advice", "market": "GB", "timeZone": "Europe/London",
                         "name": "Lark Field"}"""))
                .put("code", code)
                .put("email", email)
                .put("password", GOOD_PASSWORD);
    }

    private static Answer setUp(ObjectNode wanted) {
        Client nobody = new Client();
        nobody.get("/api/session");
        return nobody.post("/api/setup", wanted.toString());
    }

    private static void issue(String code, String lasts) {
        DATABASE.sql("insert into setup_code (hash, ends_at) values (?, now() + cast(? as interval))")
                .params(DigestUtils.sha256(code), lasts)
                .update();
    }
}
