package app.impendium.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Answers what no controller could: a session or a sign-in that needs the database, and whatever else goes wrong. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class LastResort extends OncePerRequestFilter {
    private final Problems problems;

    LastResort(Problems problems) {
        this.problems = problems;
    }

    /** A request goes on as an asynchronous one once its body has come. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException failure) {
            if (!response.isCommitted()) {
                response.reset();
                problems.write(request, response, failure);
            }
        }
    }
}
