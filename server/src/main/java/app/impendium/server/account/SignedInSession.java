package app.impendium.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Component;

/**
 * Tells by a session who is signed in. The session keeps nothing but the advisor's id, as a text: no object of a library is
 * stored, so that sessions go on when libraries are upgraded, and an advisor who is gone is signed in no more.
 */
@Component
class SignedInSession implements SecurityContextRepository {
    static final String ADVISOR = "advisor";

    private final AdvisorRepository advisors;

    SignedInSession(AdvisorRepository advisors) {
        this.advisors = advisors;
    }

    @Override
    @SuppressWarnings("deprecation") // the interface still asks for the holder
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        advisorId(holder.getRequest())
                .flatMap(advisors::findById)
                .map(SignedInAdvisor::of)
                .map(advisor -> UsernamePasswordAuthenticationToken.authenticated(advisor, null, List.of()))
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
        } else if (signedIn == null && request.getSession(false) != null) {
            request.getSession().removeAttribute(ADVISOR);
        }
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return advisorId(request).isPresent();
    }

    private static Optional<UUID> advisorId(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false))
                .map(session -> session.getAttribute(ADVISOR))
                .map(id -> UUID.fromString(String.valueOf(id)));
    }
}
