package app.impendium.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Builds problem documents, notes each in the log, and writes them where no controller does. */
@Component
public class Problems {
    private static final Logger LOG = LoggerFactory.getLogger("app.impendium.refused");

    private final JsonMapper json;

    Problems(JsonMapper json) {
        this.json = json;
    }

    /** A problem document for a refused request. */
    public ProblemDetail refuse(HttpServletRequest request, HttpStatus status, String title, String detail) {
        LOG.info("{} {} {}: {}", status.value(), request.getMethod(), plainPath(request), title);
        return document(request, status, title, detail);
    }

    /** Answers with a problem document from a filter. */
    public void write(
            HttpServletRequest request, HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        write(response, refuse(request, status, title, detail));
    }

    /** Answers a failure of the server's own from a filter. */
    void write(HttpServletRequest request, HttpServletResponse response, Throwable failure) throws IOException {
        ProblemDetail problem = ofFailure(request, failure);
        DatabaseTrouble.behind(failure)
                .ifPresent(trouble -> response.setIntHeader(HttpHeaders.RETRY_AFTER, trouble.retryAfterSeconds()));
        write(response, problem);
    }

    /** A problem document for what no controller foresaw; the log gets its trace where it is a failure of the server's own. */
    ProblemDetail ofFailure(HttpServletRequest request, Throwable failure) {
        if (isUnreadableAddress(failure)) {
            return refuse(
                    request,
                    HttpStatus.BAD_REQUEST,
                    "The address cannot be read",
                    "In an address % stands before two hexadecimal digits, and what they write is UTF-8.");
        }
        return DatabaseTrouble.behind(failure)
                .map(trouble -> refuse(request, trouble.status(), trouble.title(), trouble.detail()))
                .orElseGet(() -> unforeseen(request, failure));
    }

    /** The failure itself, or what a dispatcher wrapped it in. */
    private static boolean isUnreadableAddress(Throwable failure) {
        return failure instanceof InvalidParameterException || failure.getCause() instanceof InvalidParameterException;
    }

    private ProblemDetail unforeseen(HttpServletRequest request, Throwable failure) {
        HttpStatus status = HttpStatus.INTERNAL_SERVER_ERROR;
        String title = "Something went wrong in Impendium";
        LOG.error("{} {} {}: {}", status.value(), request.getMethod(), plainPath(request), title, failure);
        return document(request, status, title, "The fault is noted in the log. Nothing was stored.");
    }

    private void write(HttpServletResponse response, ProblemDetail problem) throws IOException {
        response.setStatus(problem.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), problem);
    }

    private static ProblemDetail document(HttpServletRequest request, HttpStatus status, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        problem.setInstance(URI.create(plainPath(request)));
        return problem;
    }

    /** The path comes from outside: anything that could forge a second line of the log is taken out. */
    private static String plainPath(HttpServletRequest request) {
        return request.getRequestURI().replaceAll("[^\\x21-\\x7e]|[\"<>\\\\^`{|}]", "?");
    }
}
