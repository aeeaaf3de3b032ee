package app.impendium.server.limits;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Limit sets; every query names the practice. */
interface LimitSetRepository extends JpaRepository<LimitSetRow, UUID> {

    List<LimitSetRow> findByPracticeIdOrderByNameAscIdAsc(UUID practiceId);

    Optional<LimitSetRow> findByPracticeIdAndId(UUID practiceId, UUID id);

    long countByPracticeId(UUID practiceId);
}
