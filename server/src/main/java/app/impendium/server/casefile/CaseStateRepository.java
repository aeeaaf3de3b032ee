package app.impendium.server.casefile;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CaseStateRepository extends JpaRepository<CaseState, UUID> {}
