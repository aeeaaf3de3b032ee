package app.impendium.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;

/**
 * Tells by a session who is signed in. The session keeps nothing but texts, the advisor's id among them: no object of a library is
 * stored, so that sessions go on when libraries are upgraded, and an advisor who left is signed in no more.
 */
@Component
class SignedInSession implements SecurityContextRepository {
    static final String ADVISOR = "advisor";

    private static final int MOST_BROWSER_CHARACTERS = 300;

    private final KnownAdvisors advisors;

    SignedInSession(KnownAdvisors advisors) {
        this.advisors = advisors;
    }

    @Override
    @SuppressWarnings("deprecation") // the interface still asks for the holder
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        advisorId(holder.getRequest())
                .flatMap(advisors::get)
                .map(SignedInSession::authenticated)
                .ifPresent(context::setAuthentication);
        return context;
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        Authentication signedIn = context.getAuthentication();
        if (signedIn != null && signedIn.getPrincipal() instanceof Credentials credentials) {
            HttpSession session = request.getSession();
            session.setAttribute(ADVISOR, credentials.advisorId().toString());
            session.setAttribute(FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, credentials.getUsername());
            session.setAttribute(OpenSessions.ADDRESS, request.getRemoteAddr());
            session.setAttribute(OpenSessions.BROWSER, browser(request));
        } else if (signedIn == null && request.getSession(false) != null) {
            request.getSession().removeAttribute(ADVISOR);
        }
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return advisorId(request).isPresent();
    }

    private static Authentication authenticated(SignedInAdvisor advisor) {
        List<SimpleGrantedAuthority> may =
                List.of(new SimpleGrantedAuthority("ROLE_" + advisor.role().name()));
        return UsernamePasswordAuthenticationToken.authenticated(advisor, null, may);
    }

    private static String browser(HttpServletRequest request) {
        String described = request.getHeader(HttpHeaders.USER_AGENT);
        return described == null ? "" : described.substring(0, Math.min(described.length(), MOST_BROWSER_CHARACTERS));
    }

    private static Optional<UUID> advisorId(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false))
                .map(session -> session.getAttribute(ADVISOR))
                .map(id -> UUID.fromString(String.valueOf(id)));
    }
}
