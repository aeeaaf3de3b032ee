package app.impendium.server.rates;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Rate tables; every query names the practice. */
interface RateTableRepository extends JpaRepository<RateTableRow, UUID> {

    List<RateTableRow> findByPracticeIdOrderByNameAscIdAsc(UUID practiceId);

    Optional<RateTableRow> findByPracticeIdAndId(UUID practiceId, UUID id);

    long countByPracticeId(UUID practiceId);
}
