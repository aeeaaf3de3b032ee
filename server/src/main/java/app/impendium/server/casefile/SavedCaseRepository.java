package app.impendium.server.casefile;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Cases; every query names the practice. */
interface SavedCaseRepository extends JpaRepository<SavedCase, UUID> {

    Optional<SavedCase> findByPracticeIdAndIdAndDeletedAtIsNull(UUID practiceId, UUID id);

    /**
     * Deletes a case, or with no time brings it back; its revision stays, for its document does.
     *
     * @return how many cases there are with this id, 0 or 1
     */
    @Modifying
    @Query("update SavedCase c set c.deletedAt = :at where c.practiceId = :practiceId and c.id = :id")
    int setDeletedAt(UUID practiceId, UUID id, Instant at);
}
