package app.impendium.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;

/** Refuses bodies larger than their address has use for, and those of no certain kind, before a byte of them is read. */
final class BodyLimit {
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
            new Limit("/api/loan-lists", 8 * KIB * KIB),
            new Limit("/api/letterhead", 512 * KIB),
            new Limit("/api/annual-percentage-rates", 512 * KIB),
            new Limit("/api/", 256 * KIB),
            new Limit("/", 0));

    /**
     * Why a body is not read.
     *
     * @param title of the refusal
     * @param detail what is allowed
     */
    record Refusal(HttpStatus status, String title, String detail) {}

    private BodyLimit() {}

    /** Why the body of a request is not to be read; nothing where it is, or there is none. */
    static Optional<Refusal> refusal(HttpServletRequest request) {
        long mostBytes = limit(request.getRequestURI());
        if (request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null) {
            return Optional.of(new Refusal(
                    HttpStatus.LENGTH_REQUIRED,
                    "The size of the body is not told",
                    "Send a Content-Length of at most " + mostBytes + " bytes."));
        }
        if (request.getContentLengthLong() > mostBytes) {
            return Optional.of(new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "The body is too large",
                    "Given were " + request.getContentLengthLong() + " bytes, allowed are " + mostBytes + "."));
        }
        if (isOfAnyKind(request.getContentType())) {
            return Optional.of(new Refusal(
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE, "The kind of the body is not told", "Send application/json."));
        }
        return Optional.empty();
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
