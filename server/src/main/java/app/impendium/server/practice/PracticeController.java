package app.impendium.server.practice;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.SettingsDocument;
import app.impendium.server.practicedata.KeptItem;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The signed-in advisor's practice. */
@RestController
class PracticeController {
    private final PracticeSettings settings;
    private final KeptItems<SettingsDocument> kept;

    PracticeController(PracticeSettings settings, KeptItems<SettingsDocument> kept) {
        this.settings = settings;
        this.kept = kept;
    }

    /**
     * What the practice has chosen.
     *
     * @param revision counts its saved states from 0
     * @param savedBy the name of whoever saved this state
     */
    record PracticeView(int revision, SettingsDocument settings, Instant savedAt, String savedBy) {
        static PracticeView of(KeptItem<SettingsDocument> kept) {
            return new PracticeView(kept.revision(), kept.value(), kept.savedAt(), kept.savedBy());
        }
    }

    @GetMapping("/api/practice")
    ResponseEntity<PracticeView> practice(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return answer(settings.saved(advisor));
    }

    /** Every saved state of what the practice has chosen, the latest first. */
    @GetMapping("/api/practice/states")
    List<PracticeView> states(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return kept.history(advisor, settings.saved(advisor).id()).stream()
                .map(PracticeView::of)
                .toList();
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.PRACTICE)
    @PutMapping("/api/practice")
    ResponseEntity<PracticeView> change(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody SettingsDocument wanted) {
        return answer(kept.save(advisor, settings.saved(advisor).id(), EntityTag.revision(seenTag), wanted));
    }

    private static ResponseEntity<PracticeView> answer(KeptItem<SettingsDocument> saved) {
        return ResponseEntity.ok().eTag(EntityTag.of(saved.revision())).body(PracticeView.of(saved));
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
