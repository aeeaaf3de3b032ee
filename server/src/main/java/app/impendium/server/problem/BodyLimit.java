package app.impendium.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies larger than their address has use for, and those of no certain kind, before a byte of them is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimit extends OncePerRequestFilter {
    private static final long KIB = 1024;

    /** What is sent to an address: a case of six options is about 8 KiB, a sign-in a line. */
    private record Limit(String prefix, long bytes) {}

    /** The first whose prefix fits holds; every address has one. */
    private static final List<Limit> LIMITS = List.of(
            new Limit("/api/session", 4 * KIB),
            new Limit("/api/practice", 4 * KIB),
            new Limit("/api/people", 4 * KIB),
            new Limit("/api/account", 4 * KIB),
            new Limit("/api/password-links", 4 * KIB),
            new Limit("/api/setup", 4 * KIB),
            new Limit("/api/client-page", 16 * KIB),
            new Limit("/api/household/", 8 * KIB * KIB),
            new Limit("/api/loan-lists", 8 * KIB * KIB),
            new Limit("/api/letterhead", 512 * KIB),
            new Limit("/api/annual-percentage-rates", 512 * KIB),
            new Limit("/api/", 256 * KIB),
            new Limit("/", 0));

    private final Problems problems;

    BodyLimit(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long mostBytes = limit(request.getRequestURI());
        boolean sizeUntold = request.getHeader("Transfer-Encoding") != null;
        if (sizeUntold) {
            problems.write(
                    request,
                    response,
                    HttpStatus.LENGTH_REQUIRED,
                    "The size of the body is not told",
                    "Send a Content-Length of at most " + mostBytes + " bytes.");
        } else if (request.getContentLengthLong() > mostBytes) {
            problems.write(
                    request,
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The body is too large",
                    "Given were " + request.getContentLengthLong() + " bytes, allowed are " + mostBytes + ".");
        } else if (isOfAnyKind(request.getContentType())) {
            problems.write(
                    request,
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "The kind of the body is not told",
                    "Send application/json.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static long limit(String address) {
        return LIMITS.stream()
                .filter(limit -> address.startsWith(limit.prefix()))
                .mapToLong(Limit::bytes)
                .findFirst()
                .orElse(0);
    }

    /** A wildcard is what may be asked for, not what anything is. */
    private static boolean isOfAnyKind(String contentType) {
        return contentType != null && contentType.contains("*");
    }
}
