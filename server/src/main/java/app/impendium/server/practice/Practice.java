package app.impendium.server.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A practice: the boundary of everything its advisors can see. */
@Entity
@Table(name = "practice")
class Practice {
    @Id
    private UUID id;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<OptionRow> optionRows;

    protected Practice() {}

    Practice(UUID id) {
        this.id = id;
    }

    UUID id() {
        return id;
    }

    /** The rows by which it compares options; none where it has not chosen. */
    Optional<List<OptionRow>> optionRows() {
        return Optional.ofNullable(optionRows).map(List::copyOf);
    }

    void compareBy(List<OptionRow> rows) {
        optionRows = List.copyOf(rows);
    }
}
