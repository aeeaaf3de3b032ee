package app.impendium.server.handout;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LetterheadRepository extends JpaRepository<LetterheadRow, UUID> {}
