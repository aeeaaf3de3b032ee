package app.impendium.server.practice;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeRepository extends JpaRepository<Practice, UUID> {}
