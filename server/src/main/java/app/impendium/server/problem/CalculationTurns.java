package app.impendium.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Has few answers worked out at once: of one session, so that who asks for ten times as much as others waits for it alone; and of all,
 * so that those who wait leave the processors to those whose turn it is, and to the compiler.
 */
@Configuration
class CalculationTurns implements WebMvcConfigurer, HandlerInterceptor {
    private static final int MOST_OF_SESSION = 2;
    private static final int MOST_OF_A_PROCESSOR = 4;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(30);
    private static final Duration RETRY_AFTER = Duration.ofSeconds(1);
    private static final String SESSION = CalculationTurns.class.getName();

    private final OwnTurns<String> turns = new OwnTurns<>(
            MOST_OF_SESSION, MOST_OF_A_PROCESSOR * Runtime.getRuntime().availableProcessors(), LONGEST_WAIT);

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        String session = request.getRequestedSessionId();
        boolean calculates = handler instanceof HandlerMethod method
                && AnnotatedElementUtils.hasAnnotation(method.getBeanType(), Calculates.class);
        if (calculates && session != null) {
            if (!turns.begin(session)) {
                throw new BusyException("Too many questions are being worked out. Ask again in a moment.", RETRY_AFTER);
            }
            request.setAttribute(SESSION, session);
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        if (request.getAttribute(SESSION) instanceof String session) {
            request.removeAttribute(SESSION);
            turns.end(session);
        }
    }
}
