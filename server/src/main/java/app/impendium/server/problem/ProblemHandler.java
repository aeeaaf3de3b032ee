package app.impendium.server.problem;

import app.impendium.core.finding.CaseException;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns what a controller refuses into problem documents. */
@RestControllerAdvice
class ProblemHandler extends ResponseEntityExceptionHandler {
    private static final String FIELDS = "fields";

    private final Problems problems;

    ProblemHandler(Problems problems) {
        this.problems = problems;
    }

    @ExceptionHandler
    ResponseEntity<Object> noAnswer(CaseException exception, WebRequest request) {
        ProblemDetail problem = refuse(
                request, HttpStatus.UNPROCESSABLE_CONTENT, "This case has no answer yet", exception.getMessage());
        problem.setProperty(
                FIELDS, exception.findings().stream().map(FieldProblem::of).toList());
        return respond(problem);
    }

    @ExceptionHandler
    ResponseEntity<Object> refused(RefusedException exception, WebRequest request) {
        ProblemDetail problem = refuse(request, exception.status(), exception.title(), exception.getMessage());
        exception.properties().forEach(problem::setProperty);
        return respond(problem);
    }

    @ExceptionHandler({CannotCreateTransactionException.class, DataAccessResourceFailureException.class})
    ResponseEntity<Object> databaseAway(Exception exception, WebRequest request) {
        return respond(refuse(
                request,
                HttpStatus.SERVICE_UNAVAILABLE,
                "The database does not answer",
                "Nothing was stored. Try again in a moment."));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException exception, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return UnreadableBody.fieldProblem(exception)
                .map(field -> {
                    ProblemDetail problem =
                            refuse(request, HttpStatus.BAD_REQUEST, "The request cannot be read", field.message());
                    problem.setProperty(FIELDS, List.of(field));
                    return respond(problem);
                })
                .orElseGet(() -> respond(refuse(
                        request,
                        HttpStatus.BAD_REQUEST,
                        "The request cannot be read",
                        "The body is not one well-formed JSON document.")));
    }

    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception exception, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        HttpStatus known = HttpStatus.valueOf(status.value());
        ResponseEntity<Object> answer = respond(refuse(request, known, known.getReasonPhrase(), null));
        return ResponseEntity.status(known).headers(headers).body(answer.getBody());
    }

    private ProblemDetail refuse(WebRequest request, HttpStatus status, String title, String detail) {
        HttpServletRequest servletRequest = ((ServletWebRequest) request).getRequest();
        return problems.refuse(servletRequest, status, title, detail);
    }

    private static ResponseEntity<Object> respond(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }
}
