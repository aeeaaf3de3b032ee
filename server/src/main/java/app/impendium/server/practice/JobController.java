package app.impendium.server.practice;

import app.impendium.server.account.OwnersOnly;
import app.impendium.server.jobs.JobRuns;
import app.impendium.server.jobs.JobView;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells owners what is done beside their requests, and whether it is. */
@OwnersOnly
@RestController
class JobController {
    private final JobRuns runs;

    JobController(JobRuns runs) {
        this.runs = runs;
    }

    @GetMapping("/api/jobs")
    List<JobView> jobs() {
        return runs.all();
    }
}
