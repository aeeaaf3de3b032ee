package app.impendium.server.handout;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.casefile.CaseStore;
import app.impendium.server.handout.IssuedRow.IssuedCase;
import app.impendium.server.handout.compose.Telling;
import app.impendium.server.handout.content.HandoutContent;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.info.BuildProperties;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Issues hand-outs, and keeps each with all that it was made from. */
@Service
class IssuedHandouts {
    private final IssuedRepository issued;
    private final CaseStore cases;
    private final Tellings tellings;
    private final BuildProperties build;
    private final Clock clock;

    IssuedHandouts(IssuedRepository issued, CaseStore cases, Tellings tellings, BuildProperties build, Clock clock) {
        this.issued = issued;
        this.cases = cases;
        this.tellings = tellings;
        this.build = build;
        this.clock = clock;
    }

    /**
     * Issues a hand-out of a case as it is saved.
     *
     * @param seenRevision the state of the case that it is to tell of
     * @param titles what the options are called
     * @throws RefusedException if the practice has no such case, or it was saved since
     * @throws app.impendium.core.finding.CaseException if the option has no figures
     */
    IssuedView issue(SignedInAdvisor advisor, UUID caseId, int seenRevision, List<String> titles) {
        Telling telling = tellings.ofSaved(advisor, caseId, seenRevision, titles);
        HandoutContent content = tellings.composed(advisor, telling);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        IssuedRow row = issued.save(new IssuedRow(
                advisor, new IssuedCase(caseId, seenRevision), now, build.getVersion(), telling.kept(), content));
        return new IssuedView(
                row.getId(), seenRevision, content.preparedFor(), now, advisor.name(), build.getVersion());
    }

    /**
     * What was issued of a case, the latest first.
     *
     * @throws RefusedException if the practice has no such case
     */
    @Transactional(readOnly = true)
    List<IssuedView> of(SignedInAdvisor advisor, UUID caseId) {
        return issued.ofCase(advisor.practiceId(), cases.read(advisor, caseId).id());
    }

    /**
     * What an issued hand-out says.
     *
     * @throws RefusedException if the practice has issued no such hand-out
     */
    @Transactional(readOnly = true)
    HandoutContent content(SignedInAdvisor advisor, UUID id) {
        return issued.findByPracticeIdAndId(advisor.practiceId(), id)
                .map(IssuedRow::content)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such hand-out", "The practice has issued no such hand-out."));
    }
}
