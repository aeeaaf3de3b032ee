package app.impendium.server.account;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeRepository extends JpaRepository<Practice, UUID> {}
