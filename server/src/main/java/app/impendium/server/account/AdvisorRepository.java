package app.impendium.server.account;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AdvisorRepository extends JpaRepository<Advisor, UUID> {
    Optional<Advisor> findByEmail(String email);

    Optional<Advisor> findByPracticeIdAndId(UUID practiceId, UUID id);

    List<Advisor> findByPracticeIdOrderByNameAscIdAsc(UUID practiceId);
}
