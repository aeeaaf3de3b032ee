package app.impendium.server.account;

import app.impendium.server.evaluation.Market;
import app.impendium.server.problem.RefusedException;
import org.springframework.http.HttpStatus;
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
     * @param market whose usual terms and conventions its new cases start from
     */
    record PracticeView(Market market) {}

    @GetMapping("/api/practice")
    PracticeView practice(@AuthenticationPrincipal SignedInAdvisor advisor) {
        return new PracticeView(settings.market(advisor));
    }

    @PutMapping("/api/practice")
    PracticeView change(@AuthenticationPrincipal SignedInAdvisor advisor, @RequestBody PracticeView wanted) {
        if (wanted.market() == null) {
            throw new RefusedException(HttpStatus.UNPROCESSABLE_CONTENT, "A market is missing", "Choose a market.");
        }
        settings.chooseMarket(advisor, wanted.market());
        return wanted;
    }
}
