package app.impendium.server.lending;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Saved states of rules; asked for only with a rule that is the practice's. */
interface LendingRuleStateRepository extends JpaRepository<LendingRuleState, UUID> {

    List<LendingRuleState> findByRuleIdOrderByRevisionDesc(UUID ruleId);

    void deleteByRuleId(UUID ruleId);
}
