package app.impendium.server.practice;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface PracticeRepository extends JpaRepository<Practice, UUID> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Practice> findWithLockById(UUID id);
}
