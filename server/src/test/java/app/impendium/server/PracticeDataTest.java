package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** All that a practice keeps is kept, deleted and restored in one way. */
class PracticeDataTest {
    /** What is kept, where it is asked for, and under which name its value stands. */
    enum Kept {
        LIMIT_SET("/api/limit-sets", "set", "limit set") {
            @Override
            ObjectNode value(String name) {
                return LimitSetDocuments.set(name);
            }
        },
        PROGRAMME("/api/programmes", "programme", "programme") {
            @Override
            ObjectNode value(String name) {
                return LettingDocuments.programme(name);
            }
        },
        RATE_TABLE("/api/rate-tables", "table", "rate table") {
            @Override
            ObjectNode value(String name) {
                return RateTablesTest.table(name);
            }
        },
        TEMPLATE("/api/hand-out-templates", "template", "template") {
            @Override
            ObjectNode value(String name) {
                return Documents.json("""
                        {"says": {"sections": ["LOAN"], "detail": "BRIEF"}}""").asObject().put("name", name);
            }
        };

        final String address;
        private final String member;
        private final String noun;

        Kept(String address, String member, String noun) {
            this.address = address;
            this.member = member;
            this.noun = noun;
        }

        abstract ObjectNode value(String name);

        String create(Client client, String name) {
            Answer created = client.post(address, value(name).toString());
            assertThat(created.status()).as(created.response().body()).isEqualTo(201);
            return created.header("Location");
        }

        JsonNode all(Client client) {
            JsonNode all = client.get(address).body();
            return all.isArray() ? all : all.get("tables");
        }
    }

    @ParameterizedTest
    @EnumSource
    void whatIsDeletedComesBackAsItselfWithItsHistory(Kept kept) {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@bin-" + kept.ordinal() + ".example");
        String address = kept.create(owner, "Ferry Bank");
        owner.put(address, "\"0\"", kept.value("Ferry Bank, tighter").toString());

        assertThat(owner.delete(address).status()).isEqualTo(204);

        assertThat(kept.all(owner)).isEmpty();
        assertThat(owner.put(address, "\"1\"", kept.value("Ferry Bank").toString())
                        .status())
                .isEqualTo(404);
        JsonNode bin = owner.get(kept.address + "/bin").body();
        assertThat(bin).hasSize(1);
        assertThat(bin.at("/0/name").asString()).isEqualTo("Ferry Bank, tighter");
        assertThat(bin.at("/0/deletedBy").asString()).isEqualTo("Ida Brandt");
        assertThat(address).endsWith(bin.at("/0/id").asString());
        Client other = Client.ofOwnPractice("Io Brandt", "io@bin-" + kept.ordinal() + ".example");
        assertThat(other.get(kept.address + "/bin").body()).isEmpty();
        assertThat(other.post(address + "/restoration", "").status()).isEqualTo(404);

        assertThat(owner.post(address + "/restoration", "").status()).isEqualTo(200);

        assertThat(owner.get(kept.address + "/bin").body()).isEmpty();
        JsonNode back = kept.all(owner).get(0);
        assertThat(address).endsWith(back.get("id").asString());
        JsonNode states = owner.get(address + "/states").body();
        assertThat(states.valueStream()
                        .map(state -> state.get(kept.member).get("name").asString()))
                .containsExactly("Ferry Bank, tighter", "Ferry Bank");
        Answer saved = owner.put(
                address,
                "\"" + back.get("revision").asInt() + "\"",
                kept.value("Ferry Bank, looser").toString());
        assertThat(saved.status()).isEqualTo(200);
    }

    @ParameterizedTest
    @EnumSource
    void whoSavesOverAnotherIsToldWhatTheySaved(Kept kept) {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@both-" + kept.ordinal() + ".example");
        String address = kept.create(owner, "Ferry Bank");
        owner.put(address, "\"0\"", kept.value("Ferry Bank, theirs").toString());

        Answer refused =
                owner.put(address, "\"0\"", kept.value("Ferry Bank, mine").toString());

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("Ida Brandt saved this " + kept.noun + " after you opened it.");
        assertThat(refused.body().at("/latest/revision").asInt()).isEqualTo(1);
        assertThat(refused.body().at("/latest/value/name").asString()).isEqualTo("Ferry Bank, theirs");
    }

    @ParameterizedTest
    @EnumSource
    void twoOfOneNameAreRefusedAlsoWhereOneIsRestored(Kept kept) {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@names-" + kept.ordinal() + ".example");
        String address = kept.create(owner, "Ferry Bank");

        assertThat(owner.post(kept.address, kept.value("ferry bank").toString()).messageAt("/name"))
                .isEqualTo("The practice has a " + kept.noun + " called “ferry bank”.");
        owner.delete(address);
        kept.create(owner, "Ferry bank");
        assertThat(owner.post(address + "/restoration", "").status()).isEqualTo(422);
    }
}
