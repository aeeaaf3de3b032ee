package app.impendium.server.account;

import app.impendium.server.account.OpenSessions.SessionLine;
import app.impendium.server.recorded.Action;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What somebody does about their own signing in: password, second factor, sessions. */
@RestController
@RequestMapping("/api/account")
class OwnAccountController {
    private final OwnAccount account;
    private final OpenSessions sessions;

    OwnAccountController(OwnAccount account, OpenSessions sessions) {
        this.account = account;
        this.sessions = sessions;
    }

    /**
     * How somebody signs in.
     *
     * @param recoveryCodesLeft how many are unused, 0 without a second factor
     */
    record AccountView(boolean hasSecondFactor, int recoveryCodesLeft, List<SessionLine> sessions) {}

    @GetMapping
    AccountView account(@AuthenticationPrincipal SignedInAdvisor advisor, HttpServletRequest request) {
        return new AccountView(
                account.hasSecondFactor(advisor),
                account.recoveryCodesLeft(advisor),
                sessions.of(advisor.email(), thisSession(request)));
    }

    /** @param current the one to be replaced */
    record NewPassword(String current, String password) {}

    /** Changes one's password, and ends one's other sessions. */
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestBody NewPassword wanted,
            HttpServletRequest request) {
        account.proveOneself(advisor, "/current", wanted.current(), request.getRemoteAddr());
        account.changePassword(advisor, wanted.password());
        sessions.endOthers(advisor.email(), thisSession(request));
    }

    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @DeleteMapping("/sessions/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endSession(@AuthenticationPrincipal SignedInAdvisor advisor, @PathVariable String id) {
        sessions.end(advisor.email(), id);
    }

    /** Ends all sessions but the one that asks. */
    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @DeleteMapping("/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endOtherSessions(@AuthenticationPrincipal SignedInAdvisor advisor, HttpServletRequest request) {
        sessions.endOthers(advisor.email(), thisSession(request));
    }

    record OwnPassword(String password) {}

    /**
     * What is put into an app that tells codes.
     *
     * @param secret in Base32, to be typed
     * @param address the same as an otpauth address, to be shown as a picture
     */
    record ProposedSecret(String secret, String address) {}

    @PostMapping("/second-factor")
    ProposedSecret proposeSecondFactor(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestBody OwnPassword proof,
            HttpServletRequest request) {
        account.proveOneself(advisor, "/password", proof.password(), request.getRemoteAddr());
        String secret = account.proposeSecondFactor(advisor);
        String label = URLEncoder.encode(advisor.email(), StandardCharsets.UTF_8);
        return new ProposedSecret(
                secret, "otpauth://totp/Impendium:" + label + "?secret=" + secret + "&issuer=Impendium");
    }

    record ShownCode(String code) {}

    /** @param codes each good for once, told this one time */
    record RecoveryCodes(List<String> codes) {}

    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @PutMapping("/second-factor")
    RecoveryCodes confirmSecondFactor(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestBody ShownCode shown,
            HttpServletRequest request) {
        return new RecoveryCodes(account.confirmSecondFactor(advisor, shown.code(), request.getRemoteAddr()));
    }

    @Recorded(value = Action.CHANGED, of = Kind.PERSON)
    @PostMapping("/second-factor/removal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeSecondFactor(
            @AuthenticationPrincipal SignedInAdvisor advisor,
            @RequestBody OwnPassword proof,
            HttpServletRequest request) {
        account.proveOneself(advisor, "/password", proof.password(), request.getRemoteAddr());
        account.removeSecondFactor(advisor);
    }

    private static String thisSession(HttpServletRequest request) {
        return request.getSession().getId();
    }
}
