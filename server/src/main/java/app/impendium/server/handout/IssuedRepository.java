package app.impendium.server.handout;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface IssuedRepository extends JpaRepository<IssuedRow, UUID> {
    /** What was issued of a case, the latest first, without what it says. */
    @Query("""
            select new app.impendium.server.handout.IssuedView(
                i.id, i.caseRevision, i.preparedFor, i.issuedAt, i.issuedBy, i.programVersion)
            from IssuedRow i where i.practiceId = :practiceId and i.caseId = :caseId
            order by i.issuedAt desc, i.id""")
    List<IssuedView> ofCase(UUID practiceId, UUID caseId);

    Optional<IssuedRow> findByPracticeIdAndId(UUID practiceId, UUID id);
}
