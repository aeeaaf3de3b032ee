package app.impendium.server.workbook;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.CaseDocument;
import app.impendium.server.evaluation.CaseAnswers;
import app.impendium.server.evaluation.Titles;
import app.impendium.server.lending.ChosenRules;
import app.impendium.server.practice.PracticeSettings;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.words.FileName;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A case as a workbook, without keeping anything of it. */
@RestController
class WorkbookController {
    private static final String XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";

    private final ChosenRules rules;
    private final PracticeSettings practices;
    private final Clock clock;

    WorkbookController(ChosenRules rules, PracticeSettings practices, Clock clock) {
        this.rules = rules;
        this.practices = practices;
        this.clock = clock;
    }

    /** A case, and what its options are called; those that are missing are called by their names, or counted. */
    record WorkbookQuestion(CaseDocument document, List<String> titles) {}

    @Recorded(value = Action.EXPORTED, of = Kind.CASE)
    @PostMapping(path = "/api/workbooks", produces = XLSX)
    ResponseEntity<byte[]> workbook(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody WorkbookQuestion question)
            throws IOException {
        CaseDocument document = CaseAnswers.checked(question.document());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CaseWorkbook.write(
                document,
                Titles.of(document, question.titles()),
                rules.limits(advisor, document),
                practices.name(advisor),
                out);
        LocalDate today = LocalDate.now(clock.withZone(practices.timeZone(advisor)));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(FileName.of(document.title(), today, "xlsx"), StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(out.toByteArray());
    }
}
