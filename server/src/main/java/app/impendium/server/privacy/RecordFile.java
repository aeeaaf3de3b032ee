package app.impendium.server.privacy;

import app.impendium.server.privacy.ClientRecord.Kept;
import app.impendium.server.privacy.ClientRecord.KeptCase;
import java.io.OutputStream;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes all that is kept of a client, state by state: all of it at once may be more than memory holds. */
@Component
class RecordFile {
    private static final int FORMAT = 1;
    private static final int ROWS_AT_ONCE = 20;

    private final JdbcClient database;
    private final JsonMapper json;

    RecordFile(JdbcClient database, JsonMapper json) {
        this.database = database;
        this.json = json;
    }

    /** Writes it within the transaction in which the rest was read, so that both are of one moment. */
    void write(Kept kept, OutputStream out) {
        try (JsonGenerator file = json.writer()
                .withDefaultPrettyPrinter()
                .without(StreamWriteFeature.AUTO_CLOSE_TARGET)
                .createGenerator(out)) {
            file.writeStartObject();
            file.writeNumberProperty("format", FORMAT);
            file.writePOJOProperty("collectedAt", kept.collectedAt());
            file.writeStringProperty("practice", kept.practice());
            file.writePOJOProperty("client", kept.client());
            file.writeArrayPropertyStart("cases");
            kept.cases().forEach(each -> write(each, file));
            file.writeEndArray();
            file.writePOJOProperty("log", kept.log());
            file.writeEndObject();
            file.writeRaw('\n');
        }
    }

    private void write(KeptCase each, JsonGenerator file) {
        file.writeStartObject();
        file.writePOJOProperty("id", each.id());
        file.writeStringProperty("title", each.title());
        file.writeBooleanProperty("shared", each.shared());
        file.writePOJOProperty("savedAt", each.savedAt());
        file.writeStringProperty("savedBy", each.savedBy());
        file.writePOJOProperty("document", each.document());
        all("states", "case_state", "saved_at, revision", each, file, state -> {
            file.writeNumberProperty("revision", state.getInt("revision"));
            moment("savedAt", "saved_at", state, file);
            file.writeStringProperty("savedBy", state.getString("saved_by"));
            file.writeStringProperty("name", state.getString("name"));
            tree("document", state, file);
        });
        all("handOuts", "issued_handout", "issued_at", each, file, issued -> {
            moment("issuedAt", "issued_at", issued, file);
            file.writeStringProperty("issuedBy", issued.getString("issued_by"));
            tree("content", issued, file);
        });
        all("clientPages", "client_link", "made_at", each, file, page -> {
            moment("madeAt", "made_at", page, file);
            file.writeStringProperty("madeBy", page.getString("made_by"));
            file.writeNumberProperty("visits", page.getInt("visits"));
            tree("content", page, file);
        });
        file.writePOJOProperty("notes", each.notes());
        file.writeEndObject();
    }

    private interface Row {
        void write(ResultSet row) throws SQLException;
    }

    private void all(String name, String table, String order, KeptCase of, JsonGenerator file, Row each) {
        file.writeArrayPropertyStart(name);
        database.sql("select * from " + table + " where case_id = ? order by " + order)
                .param(of.id())
                .withFetchSize(ROWS_AT_ONCE)
                .query(row -> {
                    file.writeStartObject();
                    each.write(row);
                    file.writeEndObject();
                });
        file.writeEndArray();
    }

    private static void moment(String name, String column, ResultSet row, JsonGenerator file) throws SQLException {
        Timestamp moment = row.getTimestamp(column);
        file.writePOJOProperty(name, moment.toInstant());
    }

    private void tree(String name, ResultSet row, JsonGenerator file) throws SQLException {
        file.writePOJOProperty(name, json.readTree(row.getString(name)));
    }
}
