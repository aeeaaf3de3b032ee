package app.impendium.server.account;

import org.springframework.security.core.AuthenticationException;

/** Email and password go together, and the code that is asked for beside them is missing or wrong. */
final class CodeException extends AuthenticationException {
    private static final long serialVersionUID = 1;

    CodeException(String message) {
        super(message);
    }
}
