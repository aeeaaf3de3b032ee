package app.impendium.server.limits;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Saved states of limit sets; asked for only with a set that is the practice's. */
interface LimitSetStateRepository extends JpaRepository<LimitSetState, UUID> {

    List<LimitSetState> findBySetIdOrderByRevisionDesc(UUID setId);

    void deleteBySetId(UUID setId);
}
