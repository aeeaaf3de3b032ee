package app.impendium.server.loanlist;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.csv.SeparatedValues;
import app.impendium.server.csv.UnmatchedColumnsView;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lists of loans over HTTP. The answer tells step by step how far it is, a line of JSON each; whoever stops reading it stops what is
 * done, and nothing of it is kept.
 */
@ApiResponse(
        responseCode = "200",
        content =
                @Content(
                        mediaType = MediaType.APPLICATION_NDJSON_VALUE,
                        schema = @Schema(implementation = LoanListStep.class)))
@ApiResponse(
        responseCode = "422",
        content =
                @Content(
                        mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                        schema = @Schema(implementation = UnmatchedColumnsView.class)))
@RestController
class LoanListController {
    private final LoanLists lists;
    private final JsonMapper json;

    LoanListController(LoanLists lists, JsonMapper json) {
        this.lists = lists;
        this.json = json;
    }

    /**
     * A list of loans.
     *
     * @param text lines of separated values, the first naming the columns
     * @param columns the heading under which a column stands, by the column's name, empty for none; those that are not named are found
     *     by themselves
     */
    record LoanListDocument(String text, Map<String, String> columns) {
        LoanListDocument {
            text = text == null ? "" : text;
            columns = columns == null ? Map.of() : columns;
        }
    }

    /** Says what a list would bring in. */
    @PostMapping("/api/loan-lists/reading")
    void read(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestBody LoanListDocument list,
            HttpServletResponse response) {
        lists.read(advisor, list.text(), list.columns(), told(response));
    }

    /** Keeps each loan of a list as a case, but for the lines that cannot be read. */
    @Recorded(value = Action.CREATED, of = Kind.CASE)
    @PostMapping("/api/loan-lists")
    void keep(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestBody LoanListDocument list,
            HttpServletResponse response) {
        lists.keep(advisor, list.text(), list.columns(), told(response));
    }

    /** The lines that cannot be read, as a list to mend and read again. */
    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @PostMapping(path = "/api/loan-lists/faulty", produces = "text/csv")
    ResponseEntity<String> faulty(
            @AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody LoanListDocument list) {
        return ResponseEntity.ok(SeparatedValues.of(lists.faulty(advisor, list.text(), list.columns()), ','));
    }

    private Consumer<LoanListStep> told(HttpServletResponse response) {
        return step -> {
            response.setContentType(MediaType.APPLICATION_NDJSON_VALUE);
            try {
                response.getOutputStream()
                        .write((json.writeValueAsString(step) + "\n").getBytes(StandardCharsets.UTF_8));
                response.flushBuffer();
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        };
    }
}
