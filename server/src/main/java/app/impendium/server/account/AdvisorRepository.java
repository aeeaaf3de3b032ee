package app.impendium.server.account;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AdvisorRepository extends JpaRepository<Advisor, UUID> {
    Optional<Advisor> findByEmail(String email);
}
