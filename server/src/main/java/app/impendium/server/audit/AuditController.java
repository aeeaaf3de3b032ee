package app.impendium.server.audit;

import app.impendium.core.loan.Days;
import app.impendium.server.account.OwnersOnly;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.csv.SeparatedValues;
import app.impendium.server.problem.RefusedException;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.search.ListStart;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The practice's log for its owners. */
@OwnersOnly
@RestController
class AuditController {
    private static final int PART = 100;
    private static final int MOST_SAVED = 50_000;
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    private static final List<String> COLUMNS =
            List.of("first", "last", "times", "who", "what they did", "to", "called", "id", "note");

    private final AuditSearch search;

    AuditController(AuditSearch search) {
        this.search = search;
    }

    /**
     * A hundred entries of the log, the latest first.
     *
     * @param filter which of them
     * @param from how many are left out before, from 0
     */
    @GetMapping("/api/log")
    AuditView entries(
            @AuthenticationPrincipal SignedInAdvisor owner,
            @ParameterObject @ModelAttribute AuditFilter filter,
            @RequestParam(defaultValue = "0") int from) {
        ListStart.check(from);
        check(filter);
        return search.find(owner, filter, from, PART);
    }

    /** All of them, fifty thousand at the most, as separated values. */
    @Recorded(value = Action.EXPORTED, of = Kind.LOG)
    @GetMapping(path = "/api/log/csv", produces = "text/csv")
    ResponseEntity<String> saved(
            @AuthenticationPrincipal SignedInAdvisor owner, @ParameterObject @ModelAttribute AuditFilter filter) {
        check(filter);
        Stream<List<String>> lines =
                search.find(owner, filter, 0, MOST_SAVED).entries().stream().map(AuditController::line);
        String text =
                SeparatedValues.of(Stream.concat(Stream.of(COLUMNS), lines).toList(), ',');
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("log.csv")
                                .build()
                                .toString())
                .body(text);
    }

    private static List<String> line(AuditView.Entry entry) {
        return List.of(
                entry.firstAt().toString(),
                entry.lastAt().toString(),
                String.valueOf(entry.times()),
                entry.who(),
                entry.action().name(),
                entry.kind().name(),
                Objects.toString(entry.subject(), ""),
                Objects.toString(entry.subjectId(), ""),
                entry.note());
    }

    private static void check(AuditFilter filter) {
        Stream.of(filter.since(), filter.until())
                .filter(Objects::nonNull)
                .filter(day -> !Days.hold(day))
                .findFirst()
                .ifPresent(AuditController::refuse);
    }

    private static void refuse(LocalDate day) {
        throw new RefusedException(
                HttpStatus.BAD_REQUEST,
                "No such day",
                "Days are from " + Days.EARLIEST + " to " + Days.LATEST + ", but one was " + day + ".");
    }
}
