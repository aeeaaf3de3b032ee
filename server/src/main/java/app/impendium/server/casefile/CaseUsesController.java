package app.impendium.server.casefile;

import app.impendium.server.account.SignedInAdvisor;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** How many cases use something that the practice keeps, to be known before it is deleted. */
@RestController
class CaseUsesController {
    private final JdbcClient database;

    CaseUsesController(JdbcClient database) {
        this.database = database;
    }

    /** @param cases how many of the practice's cases name it, deleted ones not counted */
    record CaseUsesView(int cases) {}

    /** The cases that are looked at with a limit set or programme, or were priced on a rate table. */
    @GetMapping("/api/case-uses/{id}")
    CaseUsesView uses(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable UUID id) {
        return new CaseUsesView(database.sql("""
                        select count(*) from case_file where practice_id = :practice and deleted_at is null
                            and (:id in (document #>> '{household,limitSet}', document #>> '{letting,programme}',
                                    document #>> '{pricedOn,tableId}')
                                or document @> jsonb_build_object('options', jsonb_build_array(
                                    jsonb_build_object('pricedAt', jsonb_build_object('tableId', :id)))))""")
                .param("practice", advisor.practiceId())
                .param("id", id.toString())
                .query(Integer.class)
                .single());
    }
}
