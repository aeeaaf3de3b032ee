package app.impendium.server.handout;

import app.impendium.core.finding.Findings;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.document.HandoutDocument;
import app.impendium.server.document.HandoutTemplateDocument;
import app.impendium.server.evaluation.HandoutReader;
import app.impendium.server.evaluation.Needed;
import app.impendium.server.problem.RefusedException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the templates of each practice. */
@Service
public class Templates {
    private static final int MOST = 20;
    private static final int MOST_NAME_CHARACTERS = 60;

    private final TemplateRepository templates;
    private final Clock clock;

    Templates(TemplateRepository templates, Clock clock) {
        this.templates = templates;
        this.clock = clock;
    }

    /** The practice's templates, by their names. */
    @Transactional(readOnly = true)
    public List<TemplateView> all(SignedInAdvisor advisor) {
        return templates.findByPracticeIdOrderByNameAscIdAsc(advisor.practiceId()).stream()
                .map(TemplateRow::view)
                .toList();
    }

    /** What a hand-out says where a case does not say it: as the practice's first template, else as is usual. */
    @Transactional(readOnly = true)
    public HandoutDocument usual(SignedInAdvisor advisor) {
        return all(advisor).stream()
                .findFirst()
                .map(view -> view.template().says())
                .orElse(HandoutDocument.USUAL);
    }

    /**
     * Begins a template.
     *
     * @throws app.impendium.core.finding.CaseException if it is none
     * @throws RefusedException if the practice has twenty
     */
    @Transactional
    public TemplateView create(SignedInAdvisor advisor, HandoutTemplateDocument template) {
        if (templates.countByPracticeId(advisor.practiceId()) >= MOST) {
            throw new RefusedException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Too many templates",
                    "A practice can keep " + MOST + " templates: delete one first.");
        }
        return store(new TemplateRow(advisor.practiceId()), advisor, template);
    }

    /**
     * Saves a new state of a template.
     *
     * @throws app.impendium.core.finding.CaseException if it is none
     * @throws RefusedException if the practice has no such template, or it was saved from elsewhere since
     */
    @Transactional
    public TemplateView save(SignedInAdvisor advisor, UUID id, int seenRevision, HandoutTemplateDocument template) {
        TemplateRow saved = find(advisor, id);
        if (saved.revision() != seenRevision) {
            throw new RefusedException(
                    HttpStatus.CONFLICT,
                    "Saved from elsewhere in the meantime",
                    saved.savedBy() + " saved this template after you opened it. Open it again to change it.");
        }
        return store(saved, advisor, template);
    }

    /**
     * Deletes a template. Cases keep what they took from it.
     *
     * @return what it was called
     * @throws RefusedException if the practice has no such template
     */
    @Transactional
    public String delete(SignedInAdvisor advisor, UUID id) {
        TemplateRow gone = find(advisor, id);
        templates.delete(gone);
        return gone.view().template().name();
    }

    private TemplateView store(TemplateRow target, SignedInAdvisor advisor, HandoutTemplateDocument template) {
        Findings findings = new Findings();
        Needed.text("name", template.name(), 1, MOST_NAME_CHARACTERS, findings);
        if (Needed.isThere("says", template.says(), findings)) {
            HandoutReader.check("says", template.says(), findings);
        }
        findings.throwIfAny();
        target.take(template, advisor, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        return templates.saveAndFlush(target).view();
    }

    private TemplateRow find(SignedInAdvisor advisor, UUID id) {
        return templates
                .findByPracticeIdAndId(advisor.practiceId(), id)
                .orElseThrow(() -> new RefusedException(
                        HttpStatus.NOT_FOUND, "No such template", "The practice has no such template."));
    }
}
