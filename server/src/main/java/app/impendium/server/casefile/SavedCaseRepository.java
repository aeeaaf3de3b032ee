package app.impendium.server.casefile;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Cases; every query names the practice. */
interface SavedCaseRepository extends JpaRepository<SavedCase, UUID> {

    Optional<SavedCase> findByPracticeIdAndIdAndDeletedAtIsNull(UUID practiceId, UUID id);
}
