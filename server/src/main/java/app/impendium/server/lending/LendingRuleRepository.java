package app.impendium.server.lending;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Rules; every query names the practice. */
interface LendingRuleRepository extends JpaRepository<LendingRuleRow, UUID> {

    List<LendingRuleRow> findByPracticeIdAndKindOrderByNameAscIdAsc(UUID practiceId, RuleKind kind);

    Optional<LendingRuleRow> findByPracticeIdAndKindAndId(UUID practiceId, RuleKind kind, UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<LendingRuleRow> findWithLockByPracticeIdAndKindAndId(UUID practiceId, RuleKind kind, UUID id);

    boolean existsByPracticeIdAndKindAndNameIgnoreCaseAndIdNot(UUID practiceId, RuleKind kind, String name, UUID id);

    long countByPracticeIdAndKind(UUID practiceId, RuleKind kind);
}
