package app.impendium.server.opendata;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.csv.SeparatedValues;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.DocumentEvaluator;
import app.impendium.server.evaluation.EvaluationView;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.words.FileName;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** A case as files that others can read, without keeping anything of it. Options are counted from 0. */
@RestController
class OpenDataController {
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final PracticeSettings practices;
    private final JsonMapper json;
    private final Clock clock;

    OpenDataController(PracticeSettings practices, JsonMapper json, Clock clock) {
        this.practices = practices;
        this.json = json.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();
        this.clock = clock;
    }

    /** A case, and what its options are called; those that are missing are called by their names, or counted. */
    record TitledCase(CaseDocument document, List<String> titles) {}

    /** The case itself, as docs/case.schema.json describes it. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/open-data/case", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> caseFile(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody CaseDocument document) {
        return file(
                advisor,
                document,
                "json",
                MediaType.APPLICATION_JSON,
                json.writeValueAsString(CaseAnswers.checked(document)) + "\n");
    }

    /**
     * A case that was read from a file.
     *
     * @param document in the format that is written today
     * @param evaluation its figures
     */
    record ReadCaseView(CaseDocument document, EvaluationView evaluation) {}

    /**
     * Reads a case that was handed on, in this format or an earlier one.
     *
     * @throws app.impendium.core.finding.CaseException if it has no meaning or no figures, with every finding
     */
    @PostMapping("/api/open-data/case/reading")
    ReadCaseView read(@RequestBody CaseDocument document) {
        return new ReadCaseView(document, EvaluationView.of(DocumentEvaluator.evaluate(document)));
    }

    /** Every payment of an option. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/open-data/schedule", produces = "text/csv")
    ResponseEntity<String> schedule(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestParam int option,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestBody CaseDocument document) {
        return csv(
                advisor,
                document,
                "schedule",
                SeparatedValues.of(CaseTables.schedule(document, option), separator.sign()));
    }

    /** The options beside one another. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/open-data/options", produces = "text/csv")
    ResponseEntity<String> options(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestBody TitledCase titled) {
        CaseDocument document = CaseAnswers.checked(titled.document());
        List<String> titles = Titles.of(document, titled.titles());
        return csv(
                advisor,
                document,
                "options",
                SeparatedValues.of(CaseTables.options(document, titles), separator.sign()));
    }

    /** What the people earn. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/open-data/incomes", produces = "text/csv")
    ResponseEntity<String> incomes(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestBody CaseDocument document) {
        return csv(
                advisor,
                CaseAnswers.checked(document),
                "incomes",
                SeparatedValues.of(CaseTables.incomes(document), separator.sign()));
    }

    /** What they owe. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/open-data/debts", produces = "text/csv")
    ResponseEntity<String> debts(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestParam(defaultValue = "COMMA") Separator separator,
            @RequestBody CaseDocument document) {
        return csv(
                advisor,
                CaseAnswers.checked(document),
                "debts",
                SeparatedValues.of(CaseTables.debts(document), separator.sign()));
    }

    /** The days of an option's loan; those of a case are known again when it is exported once more. */
    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/open-data/calendar", produces = "text/calendar")
    ResponseEntity<String> calendar(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestParam UUID caseId,
            @RequestParam int option,
            @RequestBody TitledCase titled) {
        CaseDocument document = CaseAnswers.checked(titled.document());
        List<String> titles = Titles.of(document, titled.titles());
        return file(
                advisor, document, "ics", CALENDAR, CaseCalendar.of(caseId, document, option, titles, clock.instant()));
    }

    private ResponseEntity<String> csv(SignedInAdvisor advisor, CaseDocument document, String what, String text) {
        return named(FileName.of(document.title() + ", " + what, today(advisor), "csv"), CSV, text);
    }

    private ResponseEntity<String> file(
            SignedInAdvisor advisor, CaseDocument document, String ending, MediaType type, String text) {
        return named(FileName.of(document.title(), today(advisor), ending), type, text);
    }

    private LocalDate today(SignedInAdvisor advisor) {
        return LocalDate.now(clock.withZone(practices.timeZone(advisor)));
    }

    private static ResponseEntity<String> named(String name, MediaType type, String text) {
        ContentDisposition disposition = ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(text);
    }
}
