package app.impendium.server.practicedata;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Saved states; asked for only with an item that is the practice's. */
interface PracticeItemStateRepository extends JpaRepository<PracticeItemState, UUID> {

    List<PracticeItemState> findByItemIdOrderByRevisionDesc(UUID itemId);
}
