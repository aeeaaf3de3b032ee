package app.impendium.server.practice;

import app.impendium.server.document.Market;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.ZoneId;
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

    private String name;

    @Enumerated(EnumType.STRING)
    private Market market;

    private ZoneId timeZone;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<OptionRow> optionRows;

    protected Practice() {}

    Practice(UUID id, String name, Market market, ZoneId timeZone) {
        this.id = id;
        this.name = name;
        this.market = market;
        this.timeZone = timeZone;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    Market market() {
        return market;
    }

    ZoneId timeZone() {
        return timeZone;
    }

    /** The rows by which it compares options; none where it has not chosen. */
    Optional<List<OptionRow>> optionRows() {
        return Optional.ofNullable(optionRows).map(List::copyOf);
    }

    void compareBy(List<OptionRow> rows) {
        optionRows = List.copyOf(rows);
    }

    void settle(String called, Market chosen, ZoneId zone) {
        name = called;
        market = chosen;
        timeZone = zone;
    }
}
