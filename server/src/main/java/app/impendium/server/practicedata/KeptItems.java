package app.impendium.server.practicedata;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps all of one kind of every practice, each saved state included, and what was deleted for thirty days.
 *
 * @param <D> one of them as it is written
 */
public class KeptItems<D> {
    private final Kept<D> kept;
    private final PracticeItemRepository items;
    private final PracticeItemStateRepository states;
    private final JsonMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    /**
     * What is kept.
     *
     * @param name what one is called
     * @param check refuses what is none
     */
    public record Kept<D>(ItemKind kind, Class<D> type, Function<D, String> name, Consumer<D> check) {}

    KeptItems(
            Kept<D> kept,
            PracticeItemRepository items,
            PracticeItemStateRepository states,
            JsonMapper json,
            Clock clock,
            ApplicationEventPublisher events) {
        this.kept = kept;
        this.items = items;
        this.states = states;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    /** The practice's, by their names. */
    @Transactional(readOnly = true)
    public List<KeptItem<D>> all(SignedInAdvisor advisor) {
        return ofPractice(advisor.practiceId());
    }

    /** Those of a practice, by their names, for what nobody has signed in for. */
    @Transactional(readOnly = true)
    public List<KeptItem<D>> ofPractice(UUID practiceId) {
        return items.findByPracticeIdAndKindAndDeletedAtIsNullOrderByNameAscIdAsc(practiceId, kept.kind()).stream()
                .map(this::view)
                .toList();
    }

    /** What the practice deleted and can restore, the latest first. */
    @Transactional(readOnly = true)
    public List<DeletedItem> bin(SignedInAdvisor advisor) {
        return items
                .findByPracticeIdAndKindAndDeletedAtIsNotNullOrderByDeletedAtDescIdAsc(
                        advisor.practiceId(), kept.kind())
                .stream()
                .map(PracticeItemRow::deleted)
                .toList();
    }

    /**
     * Every saved state of one, the latest first.
     *
     * @throws RefusedException if the practice has no such item
     */
    @Transactional(readOnly = true)
    public List<KeptItem<D>> history(SignedInAdvisor advisor, UUID id) {
        PracticeItemRow item = items.findByPracticeIdAndKindAndId(advisor.practiceId(), kept.kind(), id)
                .orElseThrow(this::noneSuch);
        return states.findByItemIdOrderByRevisionDesc(item.id()).stream()
                .map(state -> new KeptItem<>(
                        state.itemId(), state.revision(), read(state.body()), state.savedAt(), state.savedBy()))
                .toList();
    }

    /** Lets nobody else change what the practice keeps until the transaction ends: two at once would take one name, or one place. */
    @Transactional
    public void hold(SignedInAdvisor advisor) {
        items.hold(advisor.practiceId());
    }

    /**
     * Adds one.
     *
     * @throws app.impendium.core.finding.CaseException if it is none
     * @throws RefusedException if the practice has as many as it can keep, or another of its name
     */
    @Transactional
    public KeptItem<D> create(SignedInAdvisor advisor, D value) {
        hold(advisor);
        checkRoom(advisor);
        return store(new PracticeItemRow(advisor.practiceId(), kept.kind()), advisor, value);
    }

    /**
     * Saves a new state of one.
     *
     * @throws app.impendium.core.finding.CaseException if it is none
     * @throws RefusedException if the practice has no such item, another of its name, or it was saved from elsewhere since: with the
     *     state that was
     */
    @Transactional
    public KeptItem<D> save(SignedInAdvisor advisor, UUID id, int seenRevision, D value) {
        hold(advisor);
        PracticeItemRow saved = findToChange(advisor, id);
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this " + kept.kind().noun() + " after you opened it.",
                    Map.of("latest", view(saved)));
        }
        return store(saved, advisor, value);
    }

    /**
     * Deletes one: it can be restored for thirty days. Cases that were looked at with it are looked at with another meanwhile.
     *
     * @return what it was called
     * @throws RefusedException if the practice has no such item
     */
    @Transactional
    public String delete(SignedInAdvisor advisor, UUID id) {
        hold(advisor);
        PracticeItemRow gone = findToChange(advisor, id);
        gone.delete(advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        items.saveAndFlush(gone);
        tell(advisor);
        return gone.name();
    }

    /**
     * Restores one that was deleted, as itself with all its states.
     *
     * @throws RefusedException if the practice has deleted no such item, has as many as it can keep, or another of its name
     */
    @Transactional
    public KeptItem<D> restore(SignedInAdvisor advisor, UUID id) {
        hold(advisor);
        PracticeItemRow back = items.findWithLockByPracticeIdAndKindAndIdAndDeletedAtIsNotNull(
                        advisor.practiceId(), kept.kind(), id)
                .orElseThrow(this::noneSuch);
        checkRoom(advisor);
        checkName(advisor, back, back.name());
        back.restore();
        KeptItem<D> restored = view(items.saveAndFlush(back));
        tell(advisor);
        return restored;
    }

    private void checkRoom(SignedInAdvisor advisor) {
        ItemKind kind = kept.kind();
        if (items.countByPracticeIdAndKindAndDeletedAtIsNull(advisor.practiceId(), kind) >= kind.most()) {
            throw new RefusedException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Too many " + kind.noun() + "s",
                    "A practice can keep " + kind.most() + " " + kind.noun() + "s: delete one first.");
        }
    }

    private void checkName(SignedInAdvisor advisor, PracticeItemRow item, String name) {
        boolean isTaken = items.existsByPracticeIdAndKindAndNameIgnoreCaseAndIdNotAndDeletedAtIsNull(
                advisor.practiceId(), kept.kind(), name, item.id());
        if (isTaken) {
            throw RefusedException.atField(
                    "/name",
                    name,
                    "a name of its own",
                    "The practice has a " + kept.kind().noun() + " called “" + name + "”.");
        }
    }

    private KeptItem<D> store(PracticeItemRow target, SignedInAdvisor advisor, D value) {
        kept.check().accept(value);
        String name = kept.name().apply(value).strip();
        checkName(advisor, target, name);
        target.take(name, json.valueToTree(value), advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        PracticeItemRow stored = items.saveAndFlush(target);
        states.save(new PracticeItemState(stored));
        tell(advisor);
        return view(stored);
    }

    private void tell(SignedInAdvisor advisor) {
        events.publishEvent(new ItemsChanged(advisor.practiceId(), kept.kind()));
    }

    private KeptItem<D> view(PracticeItemRow row) {
        return new KeptItem<>(row.id(), row.revision(), read(row.body()), row.savedAt(), row.savedBy());
    }

    private D read(JsonNode body) {
        return json.treeToValue(body, kept.type());
    }

    /** One for this change alone: another change of it that is under way ends first. */
    private PracticeItemRow findToChange(SignedInAdvisor advisor, UUID id) {
        return items.findWithLockByPracticeIdAndKindAndIdAndDeletedAtIsNull(advisor.practiceId(), kept.kind(), id)
                .orElseThrow(this::noneSuch);
    }

    private RefusedException noneSuch() {
        String noun = kept.kind().noun();
        return new RefusedException(HttpStatus.NOT_FOUND, "No such " + noun, "The practice has no such " + noun + ".");
    }
}
