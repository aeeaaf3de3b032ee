package app.impendium.server.casefile;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The saved states of cases, of which whoever asks has made sure that they may see them. */
interface CaseStateRepository extends JpaRepository<CaseState, UUID> {
    Optional<CaseState> findByCaseIdAndId(UUID caseId, UUID id);

    long countByCaseId(UUID caseId);
}
