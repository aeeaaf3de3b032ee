package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;

/** People of practices, invited as an owner invites them. */
final class People {
    private People() {}

    /** Somebody invited who has chosen the usual password, signed in. */
    static Client advisorOf(Client owner, String name, String email) {
        assertThat(choose(keyOf(invite(owner, name, email, "ADVISOR")), GOOD_PASSWORD)
                        .status())
                .isEqualTo(204);
        return signedIn(email, GOOD_PASSWORD);
    }

    /** One that may be chosen. */
    static final String GOOD_PASSWORD = "quarry-thimble-oboe-77";

    static Answer invite(Client owner, String name, String email, String role) {
        return owner.post(
                "/api/people", "{\"name\": \"%s\", \"email\": \"%s\", \"role\": \"%s\"}".formatted(name, email, role));
    }

    static String keyOf(Answer invited) {
        assertThat(invited.body().path("key").asString(""))
                .as(invited.response().body())
                .hasSize(43);
        return invited.body().get("key").asString();
    }

    static String idOf(Client owner, String name) {
        for (var person : owner.get("/api/people").body()) {
            if (person.get("name").asString().equals(name)) {
                return person.get("id").asString();
            }
        }
        throw new AssertionError("nobody is called " + name);
    }

    static Answer choose(String key, String password) {
        Client nobody = new Client();
        nobody.get("/api/session");
        return nobody.putUnconditionally(
                "/api/password-links", "{\"key\": \"%s\", \"password\": \"%s\"}".formatted(key, password));
    }

    static Client signedIn(String email, String password) {
        Client client = new Client();
        client.get("/api/session");
        assertThat(client.signIn(email, password).status()).isEqualTo(204);
        client.get("/api/session");
        return client;
    }

    /** What a try to sign in is answered. */
    static int signIn(String email, String password) {
        Client client = new Client();
        client.get("/api/session");
        return client.signIn(email, password).status();
    }
}
