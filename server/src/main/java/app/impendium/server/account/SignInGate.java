package app.impendium.server.account;

import app.impendium.server.problem.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What a sign-in has to pass before its password is looked at: nothing of it stands in the address, which servers on the way
 * write down, and there were not too many before it.
 */
final class SignInGate extends OncePerRequestFilter {
    private final PathPatternRequestMatcher signIn;
    private final SignInAttempts attempts;
    private final Problems problems;

    SignInGate(PathPatternRequestMatcher signIn, SignInAttempts attempts, Problems problems) {
        this.signIn = signIn;
        this.attempts = attempts;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!signIn.matches(request)) {
            chain.doFilter(request, response);
        } else if (request.getQueryString() != null) {
            problems.write(
                    request,
                    response,
                    HttpStatus.BAD_REQUEST,
                    "The address says too much",
                    "Send email and password in the body, and nothing in the address.");
        } else if (attempts.isOneTooMany(request.getParameter("email"), request.getRemoteAddr())) {
            response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(SignInAttempts.COUNTED_FOR.toSeconds()));
            problems.write(
                    request,
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Too many attempts",
                    "Too many wrong passwords were sent from here. Wait a quarter of an hour and try again.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
