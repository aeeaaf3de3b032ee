package app.impendium.server.casefile;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.Person;
import app.impendium.server.account.Role;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.problem.RefusedException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts cases away, deletes them, has them back and hands them over: many at once, all of them or none. */
@Service
class CaseChanges {
    private final JdbcClient database;
    private final Advisors advisors;
    private final Clock clock;

    CaseChanges(JdbcClient database, Advisors advisors, Clock clock) {
        this.database = database;
        this.advisors = advisors;
        this.clock = clock;
    }

    /**
     * Changes cases of the practice.
     *
     * @param to who looks after them from now on; read where they are handed over
     * @return what the log tells of it besides: whom they were handed to, empty for nothing
     * @throws RefusedException if the practice has not all of these cases, or not this advisor
     */
    @Transactional
    String change(SignedInAdvisor asking, Set<UUID> cases, CaseChange change, UUID to) {
        String note =
                change == CaseChange.HAND_OVER ? "to " + receiver(asking, to).name() : "";
        int changed = database.sql(change.sql())
                .param("now", Timestamp.from(clock.instant()))
                .param("owner", asking.role() == Role.OWNER)
                .param("advisor", to)
                .param("practice", asking.practiceId())
                .param("ids", cases.toArray(UUID[]::new))
                .update();
        if (changed != cases.size()) {
            throw new RefusedException(
                    HttpStatus.NOT_FOUND,
                    "No such case",
                    cases.size() == 1
                            ? "Your practice has no case with this address, or you may not change it."
                            : cases.size() - changed + " of the " + cases.size()
                                    + " cases are no longer there, or you may not change them. None was changed.");
        }
        return note;
    }

    private Person receiver(SignedInAdvisor asking, UUID to) {
        if (to == null) {
            throw RefusedException.atField(
                    "/advisor", "nobody", "somebody of your practice", "Choose who looks after them from now on.");
        }
        Person receiver = advisors.find(asking.practiceId(), to);
        if (receiver.state() == Person.State.LEFT) {
            throw RefusedException.atField(
                    "/advisor", receiver.name(), "somebody who works here", receiver.name() + " has left.");
        }
        return receiver;
    }
}
