package app.impendium.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses bodies larger than any case, and those of no certain kind, before a byte of them is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimit extends OncePerRequestFilter {
    /** A case of six options is about 4 KiB. */
    private static final long MOST_BYTES = 256L * 1024;

    private final Problems problems;

    BodyLimit(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean sizeUntold = request.getHeader("Transfer-Encoding") != null;
        if (sizeUntold) {
            problems.write(
                    request,
                    response,
                    HttpStatus.LENGTH_REQUIRED,
                    "The size of the body is not told",
                    "Send a Content-Length of at most " + MOST_BYTES + " bytes.");
        } else if (request.getContentLengthLong() > MOST_BYTES) {
            problems.write(
                    request,
                    response,
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The body is too large",
                    "Given were " + request.getContentLengthLong() + " bytes, allowed are " + MOST_BYTES + ".");
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

    /** A wildcard is what may be asked for, not what anything is. */
    private static boolean isOfAnyKind(String contentType) {
        return contentType != null && contentType.contains("*");
    }
}
