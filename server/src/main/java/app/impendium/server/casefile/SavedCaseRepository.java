package app.impendium.server.casefile;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Cases; every query names the practice. */
interface SavedCaseRepository extends JpaRepository<SavedCase, UUID> {

    Optional<SavedCase> findByPracticeIdAndId(UUID practiceId, UUID id);

    /** Cases of which title or clients contain the text, the latest saved first; {@code pattern} is a LIKE pattern. */
    @Query("""
            select new app.impendium.server.casefile.CaseSummary(
                c.id, c.title, c.clients, c.currency, c.monthlyCostCents, c.payoffDate, c.savedAt, c.savedBy)
            from SavedCase c
            where c.practiceId = :practiceId
              and (lower(c.title) like lower(:pattern) escape '!' or lower(c.clients) like lower(:pattern) escape '!')
            order by c.savedAt desc, c.id
            """)
    List<CaseSummary> search(UUID practiceId, String pattern, Limit limit);
}
