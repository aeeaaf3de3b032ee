package app.impendium.server.rates;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.RateTableDocument;
import app.impendium.server.outside.RateDesk;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.practicedata.DeletedItem;
import app.impendium.server.practicedata.KeptItems;
import app.impendium.server.problem.EntityTag;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.recorded.RecordedNote;
import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The practice's rate tables over HTTP. */
@RestController
class RateTableController {
    private static final int LONGEST_MONTHS = 600;

    private final KeptItems<RateTableDocument> tables;
    private final RateDesk desk;
    private final PracticeSettings settings;
    private final Clock clock;

    RateTableController(KeptItems<RateTableDocument> tables, RateDesk desk, PracticeSettings settings, Clock clock) {
        this.tables = tables;
        this.desk = desk;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * The practice's tables.
     *
     * @param today the day it is where the practice works
     */
    record RateTablesView(LocalDate today, List<RateTableView> tables) {}

    @GetMapping("/api/rate-tables")
    RateTablesView rateTables(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new RateTablesView(
                today(advisor),
                tables.all(advisor).stream().map(RateTableView::of).toList());
    }

    @OwnersOnly
    @Recorded(value = Action.CREATED, of = Kind.RATES)
    @PostMapping("/api/rate-tables")
    ResponseEntity<RateTableView> createRateTable(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody RateTableDocument table) {
        RateTableView created = RateTableView.of(tables.create(advisor, table));
        return ResponseEntity.created(URI.create("/api/rate-tables/" + created.id()))
                .eTag(EntityTag.of(created.revision()))
                .body(created);
    }

    @OwnersOnly
    @Recorded(value = Action.CHANGED, of = Kind.RATES)
    @PutMapping("/api/rate-tables/{id}")
    ResponseEntity<RateTableView> saveRateTable(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @PathVariable UUID id,
            @RequestHeader(name = "If-Match", required = false) String seenTag,
            @RequestBody RateTableDocument table) {
        RateTableView saved = RateTableView.of(tables.save(advisor, id, EntityTag.revision(seenTag), table));
        return ResponseEntity.ok().eTag(EntityTag.of(saved.revision())).body(saved);
    }

    @OwnersOnly
    @Recorded(value = Action.DELETED, of = Kind.RATES)
    @DeleteMapping("/api/rate-tables/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteRateTable(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        RecordedNote.say(tables.delete(advisor, id));
    }

    /** Every saved state of a rate table, the latest first. */
    @GetMapping("/api/rate-tables/{id}/states")
    List<RateTableView> states(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return tables.history(advisor, id).stream().map(RateTableView::of).toList();
    }

    /** What the practice deleted within thirty days, the latest first. */
    @GetMapping("/api/rate-tables/bin")
    List<DeletedItem> bin(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return tables.bin(advisor);
    }

    /** Restores a rate table that was deleted, with all its states. */
    @OwnersOnly
    @Recorded(value = Action.RESTORED, of = Kind.RATES)
    @PostMapping("/api/rate-tables/{id}/restoration")
    RateTableView restore(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return RateTableView.of(tables.restore(advisor, id));
    }

    /**
     * Rates with their points, and what is added to them, as text.
     *
     * @param text lines of separated values, the first naming the columns
     * @param columns the heading under which a column stands, by the column's name; those that are not named are found by themselves
     */
    record CsvDocument(String text, Map<String, String> columns) {
        CsvDocument {
            text = text == null ? "" : text;
            columns = columns == null ? Map.of() : columns;
        }
    }

    /** Reads comma-separated values into the entries of a table, without keeping anything. */
    @PostMapping("/api/rate-tables/csv")
    RateEntriesView readRates(@RequestBody CsvDocument csv) {
        return RateCsv.read(csv.text(), csv.columns());
    }

    /**
     * Today's rates of the rate desk, without keeping anything. A simulated stand-in.
     *
     * @param termMonths of the loans, from 12 to 600
     */
    @GetMapping("/api/rate-desk")
    RateTableDocument ratesOfDesk(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestParam int termMonths) {
        if (termMonths < 12 || termMonths > LONGEST_MONTHS) {
            throw new RefusedException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "This cannot be asked for",
                    "A term is from 12 to " + LONGEST_MONTHS + " months, but was " + termMonths + ".");
        }
        return desk.rates(settings.market(advisor), termMonths, today(advisor));
    }

    private LocalDate today(SignedInAdvisor advisor) {
        return LocalDate.now(clock.withZone(settings.timeZone(advisor)));
    }
}
