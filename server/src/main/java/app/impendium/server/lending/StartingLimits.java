package app.impendium.server.lending;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The limit sets that a practice can start with: public figures, each with its source, to be checked before use. */
@Component
public class StartingLimits {
    private static final TypeReference<List<LimitSetDocument>> SETS = new TypeReference<>() {};

    private final KeptItems<LimitSetDocument> sets;
    private final JsonMapper json;

    StartingLimits(KeptItems<LimitSetDocument> sets, JsonMapper json) {
        this.sets = sets;
        this.json = json;
    }

    /** Adds the starting sets of a market to a practice's, but for those whose name is taken. */
    @Transactional
    public List<KeptItem<LimitSetDocument>> add(SignedInAdvisor advisor, Market market) {
        Set<String> taken = sets.all(advisor).stream()
                .map(kept -> kept.value().name().strip())
                .collect(Collectors.toSet());
        return of(market).stream()
                .filter(set -> !taken.contains(set.name()))
                .map(set -> sets.create(advisor, set))
                .toList();
    }

    /** Whether a set says what a starting set says: public figures, and not the practice's own. */
    boolean hold(LimitSetDocument set) {
        return of(set.market()).contains(set);
    }

    private List<LimitSetDocument> of(Market market) {
        String name = "limits/" + market.name().toLowerCase(Locale.ROOT) + ".json";
        try (InputStream file = new ClassPathResource(name).getInputStream()) {
            return json.readValue(file, SETS);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
