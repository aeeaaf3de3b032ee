package app.impendium.server.client;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** Clients; every query names the practice. */
interface ClientRepository extends JpaRepository<ClientRow, UUID> {

    Optional<ClientRow> findByPracticeIdAndId(UUID practiceId, UUID id);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ClientRow> findWithLockByPracticeIdAndId(UUID practiceId, UUID id);

    long countByPracticeId(UUID practiceId);
}
