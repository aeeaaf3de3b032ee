package app.impendium.server.practice;

import app.impendium.server.document.Market;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.ZoneId;
import java.util.UUID;

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

    protected Practice() {}

    Practice(UUID id, String name, ZoneId timeZone) {
        this.id = id;
        this.name = name;
        this.market = Market.US;
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

    void settle(Market chosen, ZoneId zone) {
        market = chosen;
        timeZone = zone;
    }
}
