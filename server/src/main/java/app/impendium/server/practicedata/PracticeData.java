package app.impendium.server.practicedata;

import app.impendium.server.practicedata.KeptItems.Kept;
import java.time.Clock;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Where each room of the server keeps what practices keep of its kind. */
@Component
public class PracticeData {
    private final PracticeItemRepository items;
    private final PracticeItemStateRepository states;
    private final JsonMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    PracticeData(
            PracticeItemRepository items,
            PracticeItemStateRepository states,
            JsonMapper json,
            Clock clock,
            ApplicationEventPublisher events) {
        this.items = items;
        this.states = states;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    /** Keeps one kind. Its methods begin transactions: it has to be a bean of whoever asks. */
    public <D> KeptItems<D> keep(Kept<D> kept) {
        return new KeptItems<>(kept, items, states, json, clock, events);
    }
}
