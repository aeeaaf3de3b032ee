package app.impendium.server.practice;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.PersonFields;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.Market;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import java.util.EnumSet;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The signed-in advisor's practice. */
@RestController
class PracticeController {
    private final PracticeSettings settings;

    PracticeController(PracticeSettings settings) {
        this.settings = settings;
    }

    /**
     * What a practice has chosen.
     *
     * @param name what it is called, from 1 to 100 characters
     * @param market whose usual terms and conventions its new cases start from
     * @param timeZone where it works, as an IANA name such as America/Chicago: tells which day is today
     */
    record PracticeView(String name, Market market, String timeZone) {}

    @GetMapping("/api/practice")
    PracticeView practice(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new PracticeView(
                settings.name(advisor),
                settings.market(advisor),
                settings.timeZone(advisor).getId());
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PRACTICE)
    @PutMapping("/api/practice")
    PracticeView change(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody PracticeView wanted) {
        settings.choose(
                advisor,
                PersonFields.line("/name", wanted.name(), "Type what your practice is called."),
                PracticeFields.market(wanted.market()),
                PracticeFields.zone(wanted.timeZone()));
        return practice(advisor);
    }

    /**
     * The rows by which the practice compares options, in their order.
     *
     * @param rows each at most once
     */
    record OptionRowsView(List<OptionRow> rows) {}

    @GetMapping("/api/practice/option-rows")
    OptionRowsView optionRows(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new OptionRowsView(settings.optionRows(advisor));
    }

    @Recorded(value = Action.CHANGED, of = Kind.PRACTICE)
    @PutMapping("/api/practice/option-rows")
    OptionRowsView compareBy(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody OptionRowsView wanted) {
        List<OptionRow> rows = wanted.rows();
        if (rows == null || rows.isEmpty() || rows.contains(null)) {
            throw RefusedException.atField("/rows", "nothing", "at least one row", "Choose at least one row.");
        }
        settings.compareBy(advisor, EnumSet.copyOf(rows));
        return new OptionRowsView(settings.optionRows(advisor));
    }
}
