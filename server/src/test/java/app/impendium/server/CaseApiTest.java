package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.Client.Answer;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class CaseApiTest {
    private final Client bea = Client.signedIn(Client.BEA);

    @Test
    void keepsWhatWasSentToTheLetter() {
        ObjectNode document = Documents.purchase("Kept 🏡 Ünder “Elms”");
        Answer created = bea.post("/api/cases", document.toString());

        assertThat(created.status()).isEqualTo(201);
        assertThat(created.header("ETag")).isEqualTo("\"0\"");
        Answer read = bea.get(created.header("Location"));
        JsonNode option = read.body().get("document").get("options").get(0);
        assertThat(read.body().get("document").get("title").asString()).isEqualTo("Kept 🏡 Ünder “Elms”");
        assertThat(option.at("/terms/firstPayment").asString()).isEqualTo("2027-03-01");
        assertThat(option.at("/terms/ratePercent").decimalValue()).isEqualByComparingTo("5.5");
        assertThat(option.at("/financing/priceCents").asLong()).isEqualTo(312_700_00);
    }

    @Test
    void keepsEachSavedState() {
        String address = create("Three states");
        ObjectNode document = Documents.purchase("Three states");
        for (int months = 240; months <= 252; months += 12) {
            Documents.set(document, "terms.amortizationMonths", String.valueOf(months));
            String eTag = bea.get(address).header("ETag");
            assertThat(bea.put(address, eTag, document.toString()).status()).isEqualTo(200);
        }

        List<String> terms = RunningServer.bean(JdbcClient.class)
                .sql(
                        "select document->'options'->0->'terms'->>'amortizationMonths' from case_state where case_id = ? order by revision")
                .param(idOf(address))
                .query(String.class)
                .list();
        assertThat(terms).containsExactly("300", "240", "252");
    }

    @Test
    void storesNothingForAStateThatIsNotNew() {
        String address = create("Same again");

        Answer again =
                bea.put(address, "\"0\"", Documents.purchase("Same again").toString());

        assertThat(again.header("ETag")).isEqualTo("\"0\"");
    }

    @Test
    void takesAStateThatIsSentAgainBecauseItsAnswerWasLost() {
        String address = create("Lost answer");
        ObjectNode document = Documents.purchase("Lost answer");
        Documents.set(document, "terms.amortizationMonths", "240");
        assertThat(bea.put(address, "\"0\"", document.toString()).header("ETag"))
                .isEqualTo("\"1\"");

        Answer again = bea.put(address, "\"0\"", document.toString());

        assertThat(again.status()).isEqualTo(200);
        assertThat(again.header("ETag")).isEqualTo("\"1\"");
    }

    @Test
    void tellsOfAFullDiskAndLosesNothing() {
        String address = create("Room left");
        JdbcClient database = RunningServer.bean(JdbcClient.class);
        database.sql("""
                create or replace function no_room() returns trigger language plpgsql as
                $$ begin raise exception 'could not extend file' using errcode = 'disk_full'; end $$
                """).update();
        database.sql("""
                create or replace trigger no_room before update on case_file for each row
                when (new.title = 'No room') execute function no_room()
                """).update();

        Answer answer = bea.put(address, "\"0\"", Documents.purchase("No room").toString());

        assertThat(answer.status()).isEqualTo(507);
        assertThat(answer.header("Retry-After")).isEqualTo("60");
        assertThat(answer.body().get("title").asString()).isEqualTo("The database’s disk is full");
        assertThat(bea.get(address).body().at("/document/title").asString()).isEqualTo("Room left");
    }

    @Test
    void refusesToSaveOverAStateThatWasNotSeenAndShowsBoth() {
        String address = create("Two at once");
        Client tobias = Client.signedIn(Client.TOBIAS);
        assertThat(tobias.put(
                                address,
                                "\"0\"",
                                Documents.purchase("Tobias was here").toString())
                        .status())
                .isEqualTo(200);

        Answer conflict =
                bea.put(address, "\"0\"", Documents.purchase("Bea was here").toString());

        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.body().get("saved").get("savedBy").asString()).isEqualTo("Tobias Pell");
        assertThat(conflict.body().get("saved").get("savedByYou").asBoolean()).isFalse();
        assertThat(conflict.body().at("/saved/document/title").asString()).isEqualTo("Tobias was here");
        assertThat(conflict.body().at("/sent/title").asString()).isEqualTo("Bea was here");
        assertThat(bea.get(address).body().at("/document/title").asString()).isEqualTo("Tobias was here");
    }

    @Test
    void asksWhichStateWasSeen() {
        String address = create("Unconditional");

        assertThat(bea.putUnconditionally(address, Documents.purchase("x").toString())
                        .status())
                .isEqualTo(428);
        assertThat(bea.put(address, "\"nine\"", Documents.purchase("x").toString())
                        .status())
                .isEqualTo(428);
    }

    @Test
    void answersAStateThatIsKnownWithoutItsBody() {
        String address = create("Known");

        Answer again =
                bea.send(bea.request(address).header("If-None-Match", "\"0\"").GET());

        assertThat(again.status()).isEqualTo(304);
        assertThat(again.response().body()).isEmpty();
    }

    @Test
    void storesNoCaseWithoutAnAnswer() {
        String address = create("Stays as it is");
        ObjectNode wrong = Documents.purchase("Stays as it is");
        Documents.set(wrong, "financing.down.percent", "100");

        Answer answer = bea.put(address, "\"0\"", wrong.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("/options/0/financing/down"))
                .isEqualTo("A down payment of 312,700.00 leaves nothing to borrow on a price of 312,700.00.");
        assertThat(bea.get(address).header("ETag")).isEqualTo("\"0\"");
    }

    @Test
    void findsByTitleAndClientWhateverTheyContain() {
        create("100 % Timber_Yard! Road");
        create("Plain Road");

        assertThat(titles("timber_yard!")).containsExactly("100 % Timber_Yard! Road");
        assertThat(titles("100 %25")).containsExactly("100 % Timber_Yard! Road");
        assertThat(titles("ODILE")).contains("Plain Road", "100 % Timber_Yard! Road");
        assertThat(titles("no such case")).isEmpty();
        assertThat(titles("%00")).isEmpty();
    }

    @Test
    void findsWordsInAnyOrderAndWithoutTheirAccents() {
        ObjectNode accented = Documents.purchase("8 Vallée Close");
        accented.put("clients", "Étienne Møller");
        bea.post("/api/cases", accented.toString());

        assertThat(titles("etienne vallee")).containsExactly("8 Vallée Close");
        assertThat(titles("CLOSE ÉTIENNE")).containsExactly("8 Vallée Close");
        assertThat(titles("vallee street")).isEmpty();
    }

    @Test
    void listsManyCasesInParts() {
        Client many = Client.ofOwnPractice("Ines Varga", "ines@varga.example");
        for (int i = 1; i <= 53; i++) {
            many.post("/api/cases", Documents.purchase("Plot " + i).toString());
        }

        JsonNode first = many.get("/api/cases").body();
        JsonNode second = many.get("/api/cases?from=50").body();

        assertThat(first.path("total").asInt()).isEqualTo(53);
        assertThat(first.path("cases").findValuesAsString("title")).hasSize(50).startsWith("Plot 53");
        assertThat(second.path("cases").findValuesAsString("title")).containsExactly("Plot 3", "Plot 2", "Plot 1");
        assertThat(many.get("/api/cases?search=plot%205&from=1").body().path("cases"))
                .hasSize(8);
        assertThat(many.get("/api/cases?from=-1").status()).isEqualTo(400);
    }

    @Test
    void deletesACaseAndBringsItBackAsItWas() {
        String address = create("Deleted by mistake");
        JsonNode before = bea.get(address).body();

        assertThat(bea.delete(address).status()).isEqualTo(204);
        assertThat(bea.get(address).status()).isEqualTo(404);
        assertThat(bea.put(address, "\"0\"", Documents.purchase("x").toString()).status())
                .isEqualTo(404);
        assertThat(titles("deleted by mistake")).isEmpty();

        assertThat(bea.post(address + "/restoration", "").status()).isEqualTo(204);
        assertThat(bea.get(address).body()).isEqualTo(before);
        assertThat(titles("deleted by mistake")).hasSize(1);
    }

    @Test
    void readsNoDocumentForAListAndLooksForNothingBeforeItStores() {
        List<String> listing = statements("org.springframework.jdbc.core", () -> bea.get("/api/cases?search=elm"));
        List<String> storing = statements(
                "org.hibernate.SQL",
                () -> bea.post(
                        "/api/cases", Documents.purchase("Stored at once").toString()));

        assertThat(listing)
                .filteredOn(sql -> sql.contains("case_file"))
                .hasSize(2)
                .noneMatch(sql -> sql.contains("document"));
        assertThat(storing)
                .filteredOn(sql -> sql.contains("case_file") || sql.contains("case_state"))
                .allSatisfy(sql -> assertThat(sql).startsWith("insert into"))
                .hasSize(2);
    }

    @Test
    void servesASearchFromItsIndex() {
        List<String> plan = RunningServer.bean(TransactionTemplate.class).execute(transaction -> {
            JdbcClient database = RunningServer.bean(JdbcClient.class);
            // Of the tests' few cases reading them all is quicker, which is not the question here.
            database.sql("set local enable_seqscan = off").update();
            return database.sql("""
                            explain select id from case_file
                            where search_text like '%timber%' and search_text like '%road%'
                            """).query(String.class).list();
        });

        assertThat(plan.toString()).contains("case_file_search");
    }

    /** What the database is asked during a request by way of the library that logs under this name. */
    private static List<String> statements(String library, Runnable request) {
        Logger sql = (Logger) LoggerFactory.getLogger(library);
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        Level before = sql.getLevel();
        log.start();
        sql.addAppender(log);
        sql.setLevel(Level.DEBUG);
        request.run();
        sql.setLevel(before);
        sql.detachAppender(log);
        return log.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
    }

    @Test
    void showsAPracticeNothingOfAnother() {
        String address = create("Not for Runa");
        Client runa = Client.ofOwnPractice("Runa Beck", "runa@beck.example");

        assertThat(runa.get(address).status()).isEqualTo(404);
        assertThat(runa.put(address, "\"0\"", Documents.purchase("x").toString())
                        .status())
                .isEqualTo(404);
        assertThat(runa.delete(address).status()).isEqualTo(404);
        assertThat(runa.post(address + "/restoration", "").status()).isEqualTo(404);
        assertThat(runa.get("/api/cases").body().path("total").asInt()).isZero();
        assertThat(bea.get(address).status()).isEqualTo(200);
    }

    @Test
    void knowsNoCaseByAWrongAddress() {
        assertThat(bea.get("/api/cases/" + UUID.randomUUID()).status()).isEqualTo(404);
        Answer nonsense = bea.get("/api/cases/nonsense");
        assertThat(nonsense.status()).isEqualTo(400);
        assertThat(nonsense.messageOfParameter("id")).startsWith("nonsense is not allowed here, only an id such as ");
    }

    @Test
    void beginsFromTermsThatHaveAnAnswer() {
        ObjectNode starting = (ObjectNode) bea.get("/api/starting-case").body();
        starting.put("title", "Begun");

        assertThat(bea.post("/api/cases", starting.toString()).status()).isEqualTo(201);
    }

    private String create(String title) {
        return bea.post("/api/cases", Documents.purchase(title).toString()).header("Location");
    }

    private List<String> titles(String search) {
        String query = search.replace(" ", "%20").replace("!", "%21");
        return bea.get("/api/cases?search=" + query).body().path("cases").findValuesAsString("title");
    }

    private static UUID idOf(String address) {
        return UUID.fromString(address.substring(address.lastIndexOf('/') + 1));
    }
}
