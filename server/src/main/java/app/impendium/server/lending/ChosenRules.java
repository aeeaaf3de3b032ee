package app.impendium.server.lending;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.document.LimitSetDocument;
import app.impendium.server.document.Market;
import app.impendium.server.document.ProgrammeDocument;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Which of a practice's rules a case is looked at with: the one that it names, else the first of its market. */
@Service
public class ChosenRules {
    private final KeptItems<LimitSetDocument> limits;
    private final KeptItems<ProgrammeDocument> programmes;

    ChosenRules(KeptItems<LimitSetDocument> limits, KeptItems<ProgrammeDocument> programmes) {
        this.limits = limits;
        this.programmes = programmes;
    }

    /** The case's limit set; none where the practice has none of its market. */
    public Optional<LimitSetDocument> limits(SignedInAdvisor advisor, CaseDocument document) {
        return chosen(
                limits.all(advisor), document.household().limitSet(), Market.of(document), LimitSetDocument::market);
    }

    /** The programme of a case whose home is let; none where it is not, or the practice has none of its market. */
    public Optional<ProgrammeDocument> programme(SignedInAdvisor advisor, CaseDocument document) {
        return document.letting() == null
                ? Optional.empty()
                : chosen(
                        programmes.all(advisor),
                        document.letting().programme(),
                        Market.of(document),
                        ProgrammeDocument::market);
    }

    private static <D> Optional<D> chosen(
            List<KeptItem<D>> kept, String id, Market market, Function<D, Market> marketOf) {
        List<KeptItem<D>> ofMarket = kept.stream()
                .filter(rule -> marketOf.apply(rule.value()) == market)
                .toList();
        return ofMarket.stream()
                .filter(rule -> rule.id().toString().equals(id))
                .findFirst()
                .or(() -> ofMarket.stream().findFirst())
                .map(KeptItem::value);
    }
}
