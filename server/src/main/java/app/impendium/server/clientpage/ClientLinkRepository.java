package app.impendium.server.clientpage;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Links to clients' pages. Queries name the practice, but for the one of a client, who names the key. */
interface ClientLinkRepository extends JpaRepository<ClientLinkRow, UUID> {
    List<ClientLinkRow> findByPracticeIdAndCaseIdOrderByMadeAtDesc(UUID practiceId, UUID caseId);

    long countByPracticeIdAndCaseId(UUID practiceId, UUID caseId);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ClientLinkRow> findByPracticeIdAndId(UUID practiceId, UUID id);

    /** For one at a time, so that words which are tried at once are counted all the same. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ClientLinkRow> findByKeyHash(byte[] keyHash);
}
