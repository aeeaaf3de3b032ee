package app.impendium.server.clientpage;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Links to clients' pages. Queries name the practice, but for the one of a client, who names the key. */
interface ClientLinkRepository extends JpaRepository<ClientLinkRow, UUID> {
    List<ClientLinkRow> findByPracticeIdAndCaseIdOrderByMadeAtDesc(UUID practiceId, UUID caseId);

    /** How many of a case can be opened on a day. */
    @Query("""
            select count(l) from ClientLinkRow l
            where l.practiceId = :practiceId and l.caseId = :caseId and l.endedAt is null and l.endsOn >= :today""")
    long countOpen(UUID practiceId, UUID caseId, LocalDate today);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ClientLinkRow> findByPracticeIdAndId(UUID practiceId, UUID id);

    /** For one at a time, so that words which are tried at once are counted all the same. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ClientLinkRow> findByKeyHash(byte[] keyHash);
}
