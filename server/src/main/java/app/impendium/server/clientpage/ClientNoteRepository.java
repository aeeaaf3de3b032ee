package app.impendium.server.clientpage;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Notes of clients; queries name the practice. */
interface ClientNoteRepository extends JpaRepository<ClientNoteRow, UUID> {
    List<ClientNoteRow> findByPracticeIdAndCaseIdOrderBySentAtDesc(UUID practiceId, UUID caseId);

    long countByPracticeIdAndLinkId(UUID practiceId, UUID linkId);

    /** How many notes of a case nobody has seen, and when the latest came. */
    record Unseen(UUID caseId, long notes, Instant lastSentAt) {}

    /** Cases with notes that nobody of the practice has seen, the latest first. */
    @Query("""
            select new app.impendium.server.clientpage.ClientNoteRepository$Unseen(n.caseId, count(n), max(n.sentAt))
            from ClientNoteRow n where n.practiceId = :practiceId and n.seenAt is null
            group by n.caseId order by max(n.sentAt) desc""")
    List<Unseen> unseen(UUID practiceId);

    @Modifying
    @Query("""
            update ClientNoteRow n set n.seenAt = :now
            where n.practiceId = :practiceId and n.caseId = :caseId and n.seenAt is null""")
    void see(UUID practiceId, UUID caseId, Instant now);
}
