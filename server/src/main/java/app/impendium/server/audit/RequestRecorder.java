package app.impendium.server.audit;

import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.recorded.Kind;
import app.impendium.server.recorded.Recorded;
import app.impendium.server.recorded.RecordedNote;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.Authentication;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Has the log tell of requests whose method is {@link Recorded}, once they succeeded. An answer that says "as before" is none. */
@Configuration
class RequestRecorder implements WebMvcConfigurer, HandlerInterceptor {
    private static final Pattern ID = Pattern.compile("\\p{XDigit}{8}(-\\p{XDigit}{4}){3}-\\p{XDigit}{12}");
    private static final int FIRST_NO_SUCCESS = 300;

    private final AuditLog log;

    RequestRecorder(AuditLog log) {
        this.log = log;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        if (failure == null
                && response.getStatus() < FIRST_NO_SUCCESS
                && handler instanceof HandlerMethod method
                && request.getUserPrincipal() instanceof Authentication signedIn
                && signedIn.getPrincipal() instanceof SignedInAdvisor who) {
            Recorded recorded = method.getMethodAnnotation(Recorded.class);
            if (recorded != null) {
                UUID subject = subject(request, response);
                boolean isOneself = subject == null && recorded.of() == Kind.PERSON;
                log.record(
                        who, recorded.value(), recorded.of(), isOneself ? who.id() : subject, RecordedNote.of(request));
            }
        }
    }

    private static UUID subject(HttpServletRequest request, HttpServletResponse response) {
        Object inPath = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        String id = inPath instanceof Map<?, ?> variables ? String.valueOf(variables.get("id")) : "";
        String created = response.getHeader(HttpHeaders.LOCATION);
        if (created != null) {
            id = created.substring(created.lastIndexOf('/') + 1);
        }
        String open = request.getHeader(Recorded.CASE_HEADER);
        if (!ID.matcher(id).matches() && open != null) {
            id = open;
        }
        return ID.matcher(id).matches() ? UUID.fromString(id) : null;
    }
}
