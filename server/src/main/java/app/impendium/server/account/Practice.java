package app.impendium.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A practice: the boundary of everything its advisors can see. */
@Entity
@Table(name = "practice")
class Practice {
    @Id
    private UUID id;

    private String name;

    protected Practice() {}

    Practice(UUID id, String name) {
        this.id = id;
        this.name = name;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }
}
