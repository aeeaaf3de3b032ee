package app.impendium.server.lending;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Rules; every query names the practice. */
interface LendingRuleRepository extends JpaRepository<LendingRuleRow, UUID> {

    List<LendingRuleRow> findByPracticeIdAndKindOrderByNameAscIdAsc(UUID practiceId, RuleKind kind);

    Optional<LendingRuleRow> findByPracticeIdAndKindAndId(UUID practiceId, RuleKind kind, UUID id);

    long countByPracticeIdAndKind(UUID practiceId, RuleKind kind);
}
