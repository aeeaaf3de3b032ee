package app.impendium.server.practicedata;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** What practices keep; every query names the practice. */
interface PracticeItemRepository extends JpaRepository<PracticeItemRow, UUID> {

    List<PracticeItemRow> findByPracticeIdAndKindAndDeletedAtIsNullOrderByNameAscIdAsc(UUID practiceId, ItemKind kind);

    List<PracticeItemRow> findByPracticeIdAndKindAndDeletedAtIsNotNullOrderByDeletedAtDescIdAsc(
            UUID practiceId, ItemKind kind);

    Optional<PracticeItemRow> findByPracticeIdAndKindAndId(UUID practiceId, ItemKind kind, UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PracticeItemRow> findWithLockByPracticeIdAndKindAndIdAndDeletedAtIsNull(
            UUID practiceId, ItemKind kind, UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<PracticeItemRow> findWithLockByPracticeIdAndKindAndIdAndDeletedAtIsNotNull(
            UUID practiceId, ItemKind kind, UUID id);

    boolean existsByPracticeIdAndKindAndNameIgnoreCaseAndIdNotAndDeletedAtIsNull(
            UUID practiceId, ItemKind kind, String name, UUID id);

    long countByPracticeIdAndKindAndDeletedAtIsNull(UUID practiceId, ItemKind kind);

    /** Waits until nobody else changes what the practice keeps, and keeps others waiting until the transaction ends. */
    @Query(value = "select id from practice where id = ?1 for no key update", nativeQuery = true)
    UUID hold(UUID practiceId);
}
