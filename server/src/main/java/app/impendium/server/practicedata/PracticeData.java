package app.impendium.server.practicedata;

import app.impendium.server.practicedata.KeptItems.Kept;
import java.sql.Timestamp;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Where each room of the server keeps what practices keep of its kind. */
@Component
public class PracticeData {
    private static final Logger LOG = LoggerFactory.getLogger(PracticeData.class);

    private final PracticeItemRepository items;
    private final PracticeItemStateRepository states;
    private final JsonMapper json;
    private final JdbcClient database;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    PracticeData(
            PracticeItemRepository items,
            PracticeItemStateRepository states,
            JsonMapper json,
            JdbcClient database,
            Clock clock,
            ApplicationEventPublisher events) {
        this.items = items;
        this.states = states;
        this.json = json;
        this.database = database;
        this.clock = clock;
        this.events = events;
    }

    /** Keeps one kind. Its methods begin transactions: it has to be a bean of whoever asks. */
    public <D> KeptItems<D> keep(Kept<D> kept) {
        return new KeptItems<>(kept, items, states, json, clock, events);
    }

    /** Runs each night; where several instances do at once, the second finds nothing left to do. */
    @Scheduled(cron = "0 53 3 * * *")
    @Transactional
    void letGo() {
        Timestamp before = Timestamp.from(clock.instant().minus(PracticeItemRow.KEPT_FOR));
        database.sql(
                        "delete from practice_item_state where item_id in (select id from practice_item where deleted_at < ?)")
                .param(before)
                .update();
        int gone = database.sql("delete from practice_item where deleted_at < ?")
                .param(before)
                .update();
        if (gone > 0) {
            LOG.info(
                    "{} items that practices deleted {} days ago went for good",
                    gone,
                    PracticeItemRow.KEPT_FOR.toDays());
        }
    }
}
