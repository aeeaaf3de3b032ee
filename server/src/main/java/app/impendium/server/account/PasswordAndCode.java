package app.impendium.server.account;

import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Signs in by password, and by a code too where the person has set up an app for it. The code is asked for after the password alone. */
@Component
class PasswordAndCode extends DaoAuthenticationProvider {
    private final SecondFactor secondFactor;
    private final SignInAttempts attempts;
    private final DemoPassword demo;

    PasswordAndCode(
            AdvisorRepository advisors,
            PasswordEncoder passwords,
            SecondFactor secondFactor,
            SignInAttempts attempts,
            DemoPassword demo) {
        super(new AdvisorDirectory(advisors));
        setPasswordEncoder(passwords);
        this.secondFactor = secondFactor;
        this.attempts = attempts;
        this.demo = demo;
    }

    @Override
    protected void additionalAuthenticationChecks(UserDetails found, UsernamePasswordAuthenticationToken sent) {
        super.additionalAuthenticationChecks(found, sent);
        if (demo.isClosed(String.valueOf(sent.getCredentials()))) {
            throw new BadCredentialsException("the demo's password");
        }
        if (found instanceof Credentials credentials && credentials.needsCode()) {
            checkCode(credentials, sent);
        }
    }

    private void checkCode(Credentials credentials, UsernamePasswordAuthenticationToken sent) {
        // A kind of sign-in that brings no code is none for who has set one up.
        String code = sent.getDetails() instanceof SignInDetails details ? details.code() : null;
        boolean isTyped = code != null && !code.isBlank();
        if (isTyped && attempts.isOneCodeTooMany(credentials.getUsername())) {
            throw new CodeException("Too many wrong codes were sent. Wait a quarter of an hour and try again.");
        }
        secondFactor.check(credentials.advisorId(), code);
        attempts.codeSucceeded(credentials.getUsername());
    }
}
