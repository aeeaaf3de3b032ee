package app.impendium.server.demo;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.Advisors.NewAdvisor;
import app.impendium.server.account.DemoPassword;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.client.ClientDetails;
import app.impendium.server.client.Clients;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.HandoutTemplateDocument;
import app.impendium.server.document.LetterheadDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.handout.Letterheads;
import app.impendium.server.lending.StartingLimits;
import app.impendium.server.practice.PracticeSetup;
import app.impendium.server.practicedata.KeptItems;
import java.io.IOException;
import java.io.InputStream;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Sets up the demo practice with its clients and cases, a rate table, limit sets and programmes
 * of its own and public ones in an empty database, where IMPENDIUM_DEMO asks for it. */
@Component
class DemoPractice implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoPractice.class);
    private static final String NAME = "Ostrander & Pell, Marrowby";
    private static final String OWNER = "bea@ostrander-pell.example";
    private static final ZoneId TIME_ZONE = ZoneId.of("America/Chicago");

    /** The last is saved last, and so stands first in the list. */
    private static final List<String> CASES = List.of(
            "ropewalk-terrace",
            "saltmarsh-walk",
            "chandlers-reach",
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
    private final Advisors advisors;
    private final CaseStore store;
    private final Clients clients;
    private final KeptItems<RateTableDocument> rates;
    private final KeptItems<LimitSetDocument> limits;
    private final KeptItems<ProgrammeDocument> programmes;
    private final StartingLimits starting;
    private final Letterheads letterheads;
    private final KeptItems<HandoutTemplateDocument> templates;
    private final JsonMapper json;
    private final boolean asked;

    DemoPractice(
            PracticeSetup setup,
            Advisors advisors,
            CaseStore store,
            Clients clients,
            KeptItems<RateTableDocument> rates,
            KeptItems<LimitSetDocument> limits,
            KeptItems<ProgrammeDocument> programmes,
            StartingLimits starting,
            Letterheads letterheads,
            KeptItems<HandoutTemplateDocument> templates,
            JsonMapper json,
            @Value("${impendium.demo}") boolean asked) {
        this.setup = setup;
        this.advisors = advisors;
        this.store = store;
        this.clients = clients;
        this.rates = rates;
        this.limits = limits;
        this.programmes = programmes;
        this.starting = starting;
        this.letterheads = letterheads;
        this.templates = templates;
        this.json = json;
        this.asked = asked;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (!asked) {
            LOG.info("No demo is asked for");
            return;
        }
        if (!setup.isEmpty()) {
            LOG.info(
                    advisors.opens(OWNER, DemoPassword.TEXT)
                            ? "The demo practice is set up already, and opens"
                            : "Practices are there already: no demo is set up");
            return;
        }
        List<SignedInAdvisor> people = setup.create(
                NAME,
                Market.US,
                TIME_ZONE,
                List.of(
                        new NewAdvisor("Bea Ostrander", OWNER, DemoPassword.TEXT),
                        new NewAdvisor("Tobias Pell", "tobias@ostrander-pell.example", DemoPassword.TEXT)));
        rates.create(people.get(0), read("rates", RateTableDocument.class));
        Map<String, UUID> rules = new HashMap<>();
        for (LimitSetDocument set : read("limits", LimitSetDocument[].class)) {
            rules.put(set.name(), limits.create(people.get(0), set).id());
        }
        for (ProgrammeDocument programme : read("programmes", ProgrammeDocument[].class)) {
            rules.put(
                    programme.name(),
                    programmes.create(people.get(0), programme).id());
        }
        for (ClientDetails client : read("clients", ClientDetails[].class)) {
            clients.create(people.get(0), client);
        }
        for (int i = 0; i < CASES.size(); i++) {
            store.create(people.get((i + 1) % people.size()), readCase(CASES.get(i), rules));
        }
        letterheads.save(people.get(0), 0, read("letterhead", LetterheadDocument.class));
        for (HandoutTemplateDocument template : read("templates", HandoutTemplateDocument[].class)) {
            templates.create(people.get(0), template);
        }
        for (Market market : Market.values()) {
            starting.add(people.get(0), market);
        }
        LOG.info("The demo practice is set up, and opens");
    }

    /** A case, which names the rules that it is looked at with: their ids are only known once they are kept. */
    private CaseDocument readCase(String name, Map<String, UUID> rules) throws IOException {
        ObjectNode document = read(name, ObjectNode.class);
        putId(document.path("household"), "limitSet", rules);
        putId(document.path("letting"), "programme", rules);
        return json.treeToValue(document, CaseDocument.class);
    }

    private static void putId(JsonNode holder, String member, Map<String, UUID> rules) {
        if (holder.path(member).isString()) {
            holder.asObject()
                    .put(member, rules.get(holder.get(member).asString()).toString());
        }
    }

    private <T> T read(String name, Class<T> type) throws IOException {
        try (InputStream file = new ClassPathResource("demo/" + name + ".json").getInputStream()) {
            return json.readValue(file, type);
        }
    }
}
