package app.impendium.server.account;

import app.impendium.server.problem.Problems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses to sign in by anything that stands in the address, which servers on the way write down. */
final class SignInInBody extends OncePerRequestFilter {
    private final String address;
    private final Problems problems;

    SignInInBody(String address, Problems problems) {
        this.address = address;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getRequestURI().equals(address) && request.getQueryString() != null) {
            problems.write(
                    request,
                    response,
                    HttpStatus.BAD_REQUEST,
                    "The address says too much",
                    "Send email and password in the body, and nothing in the address.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
