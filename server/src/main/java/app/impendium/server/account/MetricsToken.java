package app.impendium.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;

/** Lets in what reads the metrics, by the token that whoever runs the application gave it; where there is none, nobody. */
@Component
class MetricsToken implements AuthorizationManager<RequestAuthorizationContext> {
    private final String token;

    MetricsToken(@Value("${impendium.metrics-token}") String token) {
        this.token = token;
    }

    @Override
    public AuthorizationDecision authorize(Supplier<? extends Authentication> who, RequestAuthorizationContext asked) {
        String shown = asked.getRequest().getHeader(HttpHeaders.AUTHORIZATION);
        return new AuthorizationDecision(!token.isEmpty() && shown != null && isSame("Bearer " + token, shown));
    }

    /** Takes as long for any two of the same length: how far they agree is not told. */
    private static boolean isSame(String expected, String shown) {
        return MessageDigest.isEqual(expected.getBytes(StandardCharsets.UTF_8), shown.getBytes(StandardCharsets.UTF_8));
    }
}
