package app.impendium.server.demo;

import app.impendium.server.account.Advisors.NewAdvisor;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.limits.LimitSets;
import app.impendium.server.practice.PracticeSetup;
import app.impendium.server.rates.RateTables;
import java.io.IOException;
import java.io.InputStream;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Sets up the demo practice with its cases, a rate table, limit sets of its own and public ones in an empty database, where IMPENDIUM_DEMO asks for it. */
@Component
@ConditionalOnProperty("impendium.demo")
class DemoPractice implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoPractice.class);
    private static final String NAME = "Ostrander & Pell, Marrowby";
    private static final ZoneId TIME_ZONE = ZoneId.of("America/Chicago");
    private static final String PASSWORD = "lantern-harbour-42";

    /** The last is saved last, and so stands first in the list. */
    private static final List<String> CASES = List.of(
            "cooperage-wharf",
            "heron-mews",
            "bellfounder-close",
            "tannery-row",
            "weir-house",
            "mill-race",
            "pinfold-yard",
            "harrow-court",
            "tollgate-rise",
            "sorrel-street",
            "cinder-hill",
            "quarry-lane");

    private final PracticeSetup setup;
    private final CaseStore store;
    private final RateTables rates;
    private final LimitSets limits;
    private final JsonMapper json;

    DemoPractice(PracticeSetup setup, CaseStore store, RateTables rates, LimitSets limits, JsonMapper json) {
        this.setup = setup;
        this.store = store;
        this.rates = rates;
        this.limits = limits;
        this.json = json;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (!setup.isEmpty()) {
            return;
        }
        List<SignedInAdvisor> advisors = setup.create(
                NAME,
                TIME_ZONE,
                List.of(
                        new NewAdvisor("Bea Ostrander", "bea@ostrander-pell.example", PASSWORD),
                        new NewAdvisor("Tobias Pell", "tobias@ostrander-pell.example", PASSWORD)));
        rates.create(advisors.get(0), read("rates", RateTableDocument.class));
        Map<String, UUID> sets = new HashMap<>();
        for (LimitSetDocument set : read("limits", LimitSetDocument[].class)) {
            sets.put(set.name(), limits.create(advisors.get(0), set).id());
        }
        for (int i = 0; i < CASES.size(); i++) {
            store.create(advisors.get((i + 1) % advisors.size()), readCase(CASES.get(i), sets));
        }
        for (Market market : Market.values()) {
            limits.start(advisors.get(0), market);
        }
        LOG.info("The demo practice is set up");
    }

    /** A case, which names the limit set that it is looked at with: its id is only known once the set is kept. */
    private CaseDocument readCase(String name, Map<String, UUID> sets) throws IOException {
        ObjectNode document = read(name, ObjectNode.class);
        if (document.path("household").path("limitSet").isString()) {
            ObjectNode household = document.withObject("household");
            household.put(
                    "limitSet", sets.get(household.get("limitSet").asString()).toString());
        }
        return json.treeToValue(document, CaseDocument.class);
    }

    private <T> T read(String name, Class<T> type) throws IOException {
        try (InputStream file = new ClassPathResource("demo/" + name + ".json").getInputStream()) {
            return json.readValue(file, type);
        }
    }
}
