package app.impendium.server.audit;

import app.impendium.server.account.Advisors;
import app.impendium.server.account.SignInTried;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.stereotype.Component;

/** Has the log tell who signed in, and who was refused. */
@Component
class SignInRecorder {
    private final Advisors advisors;
    private final AuditLog log;
    private final TaskExecutor executor;

    SignInRecorder(Advisors advisors, AuditLog log, @Qualifier("applicationTaskExecutor") TaskExecutor executor) {
        this.advisors = advisors;
        this.log = log;
        this.executor = executor;
    }

    /** On a thread of its own: how long it takes would tell whether anybody signs in with this email. */
    @EventListener
    void record(SignInTried tried) {
        executor.execute(() -> advisors.byEmail(tried.email())
                .ifPresent(who -> log.record(
                        who,
                        tried.succeeded() ? Action.SIGNED_IN : Action.SIGN_IN_REFUSED,
                        Kind.PERSON,
                        who.id(),
                        tried.address())));
    }
}
