package app.impendium.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
        // The path comes from outside: anything that could forge a second line is taken out.
        String path = request.getRequestURI().replaceAll("[^\\x21-\\x7e]", "?");
        LOG.info("{} {} {}: {}", status.value(), request.getMethod(), path, title);
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        problem.setInstance(URI.create(request.getRequestURI()));
        return problem;
    }

    /** Answers with a problem document from a filter. */
    public void write(
            HttpServletRequest request, HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), refuse(request, status, title, detail));
    }
}
