package app.impendium.server.handout;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TemplateRepository extends JpaRepository<TemplateRow, UUID> {
    List<TemplateRow> findByPracticeIdOrderByNameAscIdAsc(UUID practiceId);

    Optional<TemplateRow> findByPracticeIdAndId(UUID practiceId, UUID id);

    long countByPracticeId(UUID practiceId);
}
