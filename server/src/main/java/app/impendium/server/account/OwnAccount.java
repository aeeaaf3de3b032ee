package app.impendium.server.account;

import app.impendium.server.mail.Mail;
import app.impendium.server.mail.Outbox;
import app.impendium.server.problem.RefusedException;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody may change about their own signing in. They hear of each change by mail, in case it was not they. */
@Service
class OwnAccount {
    private final Advisors advisors;
    private final PasswordRules rules;
    private final SecondFactor secondFactor;
    private final SignInAttempts attempts;
    private final Outbox outbox;

    OwnAccount(
            Advisors advisors, PasswordRules rules, SecondFactor secondFactor, SignInAttempts attempts, Outbox outbox) {
        this.advisors = advisors;
        this.rules = rules;
        this.secondFactor = secondFactor;
        this.attempts = attempts;
        this.outbox = outbox;
    }

    @Transactional(readOnly = true)
    boolean hasSecondFactor(SignedInAdvisor advisor) {
        return advisors.find(advisor.practiceId(), advisor.id()).hasSecondFactor();
    }

    int recoveryCodesLeft(SignedInAdvisor advisor) {
        return secondFactor.recoveryCodesLeft(advisor.id());
    }

    /**
     * Asks who is signed in for their password again, since a session may be used by somebody who found it open.
     *
     * @param pointer of the field it was typed in
     * @throws RefusedException if it is not theirs, or too many were tried from this address
     */
    @Transactional(noRollbackFor = RefusedException.class)
    void proveOneself(SignedInAdvisor advisor, String pointer, String password, String address) {
        count(advisor, address);
        if (password == null || !advisors.isPassword(advisor, password)) {
            throw RefusedException.atField(pointer, "a password", "your password", "This is not your password.");
        }
        attempts.succeeded(advisor.email(), address);
    }

    /** @throws RefusedException if the password may not be chosen */
    @Transactional
    void changePassword(SignedInAdvisor advisor, String password) {
        if (advisors.isPassword(advisor, password)) {
            throw RefusedException.atField(
                    "/password",
                    "the same password",
                    "another password",
                    "This is your current password. Choose another.");
        }
        rules.check("/password", password, List.of(advisor.name(), advisor.email()));
        advisors.takePassword(advisor.practiceId(), advisor.id(), password);
        tell(
                advisor,
                "Your password was changed",
                "Your password for Impendium was changed, and your other sessions were ended.");
    }

    String proposeSecondFactor(SignedInAdvisor advisor) {
        return secondFactor.propose(advisor.id());
    }

    /** @return recovery codes */
    @Transactional(noRollbackFor = RefusedException.class)
    List<String> confirmSecondFactor(SignedInAdvisor advisor, String code, String address) {
        count(advisor, address);
        List<String> recovery = secondFactor.confirm(advisor.id(), code);
        attempts.succeeded(advisor.email(), address);
        tell(
                advisor,
                "A code is asked for when you sign in",
                "A code of your app is now asked for when you sign in to Impendium.");
        return recovery;
    }

    @Transactional
    void removeSecondFactor(SignedInAdvisor advisor) {
        secondFactor.remove(advisor.id());
        tell(advisor, "No code is asked for any more", "Your password alone signs you in to Impendium again.");
    }

    private void count(SignedInAdvisor advisor, String address) {
        if (attempts.isOneTooMany(advisor.email(), address)) {
            throw new RefusedException(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many attempts",
                    "Too many wrong passwords or codes were sent. Wait a quarter of an hour and try again.");
        }
    }

    private void tell(SignedInAdvisor advisor, String subject, String what) {
        outbox.send(
                advisor.practiceId(),
                new Mail(
                        advisor.email(),
                        subject,
                        what + "\n\nIf it was not you, tell an owner of your practice at once."));
    }
}
