package app.impendium.server.lending;

import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.evaluation.LimitSetReader;
import app.impendium.server.evaluation.ProgrammeReader;
import app.impendium.server.lending.KeptRules.Kept;
import java.time.Clock;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** The kinds of rules that are kept, and what checks them. */
@Configuration
class LendingRules {
    private final LendingRuleRepository rules;
    private final LendingRuleStateRepository states;
    private final JsonMapper json;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    LendingRules(
            LendingRuleRepository rules,
            LendingRuleStateRepository states,
            JsonMapper json,
            Clock clock,
            ApplicationEventPublisher events) {
        this.rules = rules;
        this.states = states;
        this.json = json;
        this.clock = clock;
        this.events = events;
    }

    @Bean
    KeptRules<LimitSetDocument> limitSets() {
        return keep(
                new Kept<>(RuleKind.LIMIT_SET, LimitSetDocument.class, LimitSetDocument::name, LimitSetReader::read));
    }

    @Bean
    KeptRules<ProgrammeDocument> programmes() {
        return keep(new Kept<>(
                RuleKind.PROGRAMME, ProgrammeDocument.class, ProgrammeDocument::name, ProgrammeReader::read));
    }

    private <D> KeptRules<D> keep(Kept<D> kept) {
        return new KeptRules<>(kept, rules, states, json, clock, events);
    }
}
