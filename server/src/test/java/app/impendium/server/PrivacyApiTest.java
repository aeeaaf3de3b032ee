package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** All that is kept of a client can be had as a file, and be taken away. */
class PrivacyApiTest {

    @Test
    void allThatIsKeptOfAClientComesAsAFileAndOnPaper() throws IOException {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@record.example");
        String address = created(owner, "3 Fern Quay", "Odile Brandt");
        owner.put(
                address,
                "\"0\"",
                GoldenHouseholds.earning("4321.00").put("title", "3 Fern Quay").toString());
        issue(owner, address);
        created(owner, "Not hers", "Anselm Ogg");
        String client = idOf(owner, "odile");
        owner.put(
                "/api/clients/" + client,
                "\"0\"",
                "{\"name\": \"Odile Brandt\", \"phone\": \"0555 0142\", \"notes\": \"Prefers mornings.\"}");

        Answer file = owner.get("/api/clients/" + client + "/record");

        JsonNode record = file.body();
        assertThat(file.header("Content-Disposition")).contains("Odile%20Brandt");
        assertThat(record.at("/client/details/phone").asString()).isEqualTo("0555 0142");
        assertThat(record.get("cases").findValuesAsString("title"))
                .contains("3 Fern Quay")
                .doesNotContain("Not hers");
        assertThat(record.at("/cases/0/states")).hasSize(2);
        assertThat(record.at("/cases/0/states/1/document"))
                .isEqualTo(owner.get(address).body().get("document"));
        assertThat(record.at("/cases/0/handOuts")).hasSize(1);
        assertThat(record.get("log").findValuesAsString("action")).contains("CREATED", "CHANGED", "HANDED_OUT");

        String paper = text(owner.file("/api/clients/" + client + "/record/pdf"));
        assertThat(paper)
                .contains("What we keep of Odile Brandt", "0555 0142", "Prefers mornings.", "3 Fern Quay", "4,321.00")
                .doesNotContain("Not hers");
        assertThat(AuditApiTest.told(owner.get("/api/log?kind=CLIENT&action=EXPORTED")))
                .containsExactly("Ida Brandt EXPORTED Odile Brandt 2");
    }

    @Test
    void anErasedClientLeavesAnEntryAndNothingElse() {
        Client owner = Client.ofOwnPractice("Ida Brandt", "ida@erased.example");
        Client bo = People.advisorOf(owner, "Bo Winter", "bo@erased.example");
        String alone = created(owner, "3 Fern Quay", "Wilhelmina Stroud");
        issue(owner, alone);
        ClientPages.made(
                owner,
                ClientPages.address(
                        owner, ClientPages.document("Deleted before").put("clients", "Wilhelmina Stroud")),
                null);
        String deleted = created(owner, "Deleted before", "Wilhelmina Stroud");
        owner.delete(deleted);
        String shared = created(owner, "With her brother", "Wilhelmina Stroud");
        String brother =
                owner.post("/api/clients", "{\"name\": \"Harold Stroud\"}").header("Location");
        owner.putUnconditionally(shared + brother.replace("/api", ""), "");
        String passedOn = created(owner, "Sold on", "Wilhelmina Stroud");
        issue(owner, passedOn);
        owner.put(
                passedOn,
                "\"0\"",
                Documents.purchase("Sold on").put("clients", "Ines Vale").toString());
        String id = idOf(owner, "wilhelmina");
        String client = "/api/clients/" + id;

        assertThat(bo.post(client + "/erasure", "").status()).isEqualTo(403);
        JsonNode extent = owner.get(client + "/erasure").body();
        assertThat(extent.get("gone").valueStream().map(JsonNode::asString))
                .containsExactly("3 Fern Quay", "Deleted before", "Deleted before");
        assertThat(extent.get("kept").valueStream().map(JsonNode::asString)).containsExactly("With her brother");
        assertThat(extent.get("earlier").valueStream().map(JsonNode::asString)).containsExactly("Sold on");
        assertThat(owner.post(client + "/erasure", "").status()).isEqualTo(204);

        assertThat(owner.get(client).status()).isEqualTo(404);
        assertThat(owner.get(alone).status()).isEqualTo(404);
        assertThat(owner.get(passedOn).body().at("/document/clients").asString())
                .isEqualTo("Ines Vale");
        assertThat(owner.get(passedOn + "/states").body().get("states")).hasSize(1);
        assertThat(owner.get("/api/cases?shelf=DELETED").body().get("cases")).isEmpty();
        assertThat(owner.get(shared + "/clients").body().findValuesAsString("name"))
                .containsExactly("Harold Stroud");
        JsonNode entry = owner.get("/api/log?action=ERASED").body().at("/entries/0");
        assertThat(entry.get("subjectId").asString()).isEqualTo(id);
        assertThat(entry.get("subject").isNull()).isTrue();
        assertThat(entry.get("note").asString()).isEqualTo("with 3 cases");
        // What is left of the name is what the shared case says on its documents.
        assertThat(rowsThatSay("Wilhelmina"))
                .containsExactly("case_file: With her brother", "case_state: With her brother");
    }

    /** Every row of the tables that hold anything of cases and clients in which a word stands. */
    private static List<String> rowsThatSay(String word) {
        return RunningServer.bean(JdbcClient.class)
                .sql("""
                        select 'case_file: ' || title from case_file t where t::text like :word
                        union all select 'case_state: ' || (document ->> 'title') from case_state t where t::text like :word
                        union all select 'client' from client t where t::text like :word
                        union all select 'issued_handout' from issued_handout t where t::text like :word
                        union all select 'client_link' from client_link t where t::text like :word
                        union all select 'client_note' from client_note t where t::text like :word
                        union all select 'audit_entry' from audit_entry t where t::text like :word
                        order by 1""")
                .param("word", "%" + word + "%")
                .query(String.class)
                .list();
    }

    private static String created(Client own, String title, String clients) {
        Answer created = own.post(
                "/api/cases", Documents.purchase(title).put("clients", clients).toString());
        assertThat(created.status()).isEqualTo(201);
        return created.header("Location");
    }

    private static void issue(Client own, String address) {
        String eTag = own.get(address).header("ETag");
        Answer issued = own.send(own.request(address + "/hand-outs")
                .header("Content-Type", "application/json")
                .header("If-Match", eTag)
                .POST(BodyPublishers.ofString("{\"titles\": []}")));
        assertThat(issued.status()).isEqualTo(201);
    }

    private static String idOf(Client own, String search) {
        return own.get("/api/clients?search=" + search)
                .body()
                .at("/clients/0/id")
                .asString();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
