package app.impendium.server.lending;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps the rules of one kind of every practice, each saved state included.
 *
 * @param <D> a rule as it is written
 */
public class KeptRules<D> {
    private static final int MOST = 50;

    private final Kept<D> kept;
    private final LendingRuleRepository rules;
    private final LendingRuleStateRepository states;
    private final JsonMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    /**
     * What is kept.
     *
     * @param name what a rule is called
     * @param check refuses what is no such rule
     */
    record Kept<D>(RuleKind kind, Class<D> type, Function<D, String> name, Consumer<D> check) {}

    KeptRules(
            Kept<D> kept,
            LendingRuleRepository rules,
            LendingRuleStateRepository states,
            JsonMapper json,
            Clock clock,
            ApplicationEventPublisher events) {
        this.kept = kept;
        this.rules = rules;
        this.states = states;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    /** The practice's rules, by their names. */
    @Transactional(readOnly = true)
    public List<KeptRule<D>> all(SignedInAdvisor advisor) {
        return ofPractice(advisor.practiceId());
    }

    /** The rules of a practice, by their names, for what nobody has signed in for. */
    @Transactional(readOnly = true)
    public List<KeptRule<D>> ofPractice(UUID practiceId) {
        return rules.findByPracticeIdAndKindOrderByNameAscIdAsc(practiceId, kept.kind()).stream()
                .map(this::view)
                .toList();
    }

    /**
     * Every saved state of a rule, the latest first.
     *
     * @throws RefusedException if the practice has no such rule
     */
    @Transactional(readOnly = true)
    public List<KeptRule<D>> history(SignedInAdvisor advisor, UUID id) {
        return states.findByRuleIdOrderByRevisionDesc(find(advisor, id).id()).stream()
                .map(state -> new KeptRule<>(
                        state.ruleId(), state.revision(), read(state.body()), state.savedAt(), state.savedBy()))
                .toList();
    }

    /**
     * Begins a rule.
     *
     * @throws app.impendium.core.finding.CaseException if it is no such rule
     * @throws RefusedException if the practice has fifty, or another of its name
     */
    @Transactional
    public KeptRule<D> create(SignedInAdvisor advisor, D rule) {
        if (rules.countByPracticeIdAndKind(advisor.practiceId(), kept.kind()) >= MOST) {
            String noun = kept.kind().noun();
            throw new RefusedException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Too many " + noun + "s",
                    "A practice can keep " + MOST + " " + noun + "s: delete one first.");
        }
        return store(new LendingRuleRow(advisor.practiceId(), kept.kind()), advisor, rule);
    }

    /**
     * Saves a new state of a rule.
     *
     * @throws app.impendium.core.finding.CaseException if it is no such rule
     * @throws RefusedException if the practice has no such rule, another of its name, or it was saved from elsewhere since
     */
    @Transactional
    public KeptRule<D> save(SignedInAdvisor advisor, UUID id, int seenRevision, D rule) {
        LendingRuleRow saved = findToChange(advisor, id);
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this " + kept.kind().noun()
                            + " after you opened it. Open it again to change it.");
        }
        return store(saved, advisor, rule);
    }

    /**
     * Deletes a rule with its states. Cases that were looked at with it are looked at with another.
     *
     * @return what it was called
     * @throws RefusedException if the practice has no such rule
     */
    @Transactional
    public String delete(SignedInAdvisor advisor, UUID id) {
        LendingRuleRow gone = findToChange(advisor, id);
        states.deleteByRuleId(gone.id());
        rules.delete(gone);
        events.publishEvent(new RulesChanged(advisor.practiceId()));
        return gone.name();
    }

    private KeptRule<D> store(LendingRuleRow target, SignedInAdvisor advisor, D rule) {
        kept.check().accept(rule);
        String name = kept.name().apply(rule).strip();
        if (rules.existsByPracticeIdAndKindAndNameIgnoreCaseAndIdNot(
                advisor.practiceId(), kept.kind(), name, target.id())) {
            throw RefusedException.atField(
                    "/name",
                    name,
                    "a name of its own",
                    "The practice has a " + kept.kind().noun() + " called “" + name + "”.");
        }
        target.take(name, json.valueToTree(rule), advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        LendingRuleRow stored = rules.saveAndFlush(target);
        states.save(new LendingRuleState(stored));
        events.publishEvent(new RulesChanged(advisor.practiceId()));
        return view(stored);
    }

    private KeptRule<D> view(LendingRuleRow row) {
        return new KeptRule<>(row.id(), row.revision(), read(row.body()), row.savedAt(), row.savedBy());
    }

    private D read(JsonNode body) {
        return json.treeToValue(body, kept.type());
    }

    private LendingRuleRow find(SignedInAdvisor advisor, UUID id) {
        return rules.findByPracticeIdAndKindAndId(advisor.practiceId(), kept.kind(), id)
                .orElseThrow(this::noSuchRule);
    }

    /** A rule for this change alone: another change of it that is under way ends first. */
    private LendingRuleRow findToChange(SignedInAdvisor advisor, UUID id) {
        return rules.findWithLockByPracticeIdAndKindAndId(advisor.practiceId(), kept.kind(), id)
                .orElseThrow(this::noSuchRule);
    }

    private RefusedException noSuchRule() {
        String noun = kept.kind().noun();
        return new RefusedException(HttpStatus.NOT_FOUND, "No such " + noun, "The practice has no such " + noun + ".");
    }
}
