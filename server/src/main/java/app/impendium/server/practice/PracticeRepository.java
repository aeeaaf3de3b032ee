package app.impendium.server.practice;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface PracticeRepository extends JpaRepository<Practice, UUID> {
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Practice> findWithLockById(UUID id);

    /** Whether there is none. Every start asks, and the database's own language needs no time to be put into it. */
    @Query(value = "select not exists (select 1 from practice)", nativeQuery = true)
    boolean isEmpty();
}
