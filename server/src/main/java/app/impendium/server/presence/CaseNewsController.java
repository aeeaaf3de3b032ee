package app.impendium.server.presence;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.problem.RefusedException;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpSession;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** News of a case as server-sent events. */
@RestController
class CaseNewsController {
    private final CaseStore cases;
    private final CaseWatch watch;

    CaseNewsController(CaseStore cases, CaseWatch watch) {
        this.cases = cases;
        this.watch = watch;
    }

    /** Tells who else has the case open and which revision is saved, whenever that changes; each event is called news. */
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
                            schema = @Schema(implementation = CaseNews.class)))
    @GetMapping(path = "/api/cases/{id}/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> news(
            @AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id, HttpSession session) {
        if (cases.title(advisor.practiceId(), id).isEmpty()) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND, "No such case", "Your practice has no case with this address.");
        }
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                // What buffers answers on the way would keep the news from whom it is for.
                .header("X-Accel-Buffering", "no")
                .body(watch.watch(advisor, session.getId(), id));
    }
}
