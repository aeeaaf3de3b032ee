package app.impendium.server.practice;

import app.impendium.server.account.Advisors.NewAdvisor;
import app.impendium.server.account.PasswordRules;
import app.impendium.server.account.PersonFields;
import app.impendium.server.account.TypedCode;
import app.impendium.server.document.Market;
import app.impendium.server.practice.SetupController.NewPractice;
import app.impendium.server.problem.RefusedException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets up a practice with its first owner for who has a code, which is used up by it. */
@Service
class FirstOwner {
    private final JdbcClient database;
    private final PracticeSetup setup;
    private final PasswordRules rules;
    private final Clock clock;

    FirstOwner(JdbcClient database, PracticeSetup setup, PasswordRules rules, Clock clock) {
        this.database = database;
        this.setup = setup;
        this.rules = rules;
        this.clock = clock;
    }

    /** @throws RefusedException if the code is none, and only then for what else is wrong; the code is good still then */
    @Transactional
    void setUp(NewPractice wanted) {
        useUp(wanted.code());
        String practice = PersonFields.line("/practice", wanted.practice(), "Type what the practice is called.");
        Market market = PracticeFields.market(wanted.market());
        ZoneId zone = PracticeFields.zone(wanted.timeZone());
        String name = PersonFields.name(wanted.name());
        String email = PersonFields.email(wanted.email());
        rules.check("/password", wanted.password(), List.of(name, email, practice));
        setup.create(practice, market, zone, List.of(new NewAdvisor(name, email, wanted.password())));
    }

    private void useUp(String typed) {
        String code = TypedCode.plain(typed == null ? "" : typed);
        int used = database.sql("delete from setup_code where hash = ? and ends_at > ?")
                .params(DigestUtils.sha256(code), Timestamp.from(clock.instant()))
                .update();
        if (used == 0) {
            throw RefusedException.atField(
                    "/code",
                    "a code",
                    "the code that was printed when Impendium was started empty",
                    "This is not a set-up code that is good. Each is good once, for a day; ./impendium setup-code prints a new one.");
        }
    }
}
