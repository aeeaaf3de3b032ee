package app.impendium.server.problem;

import app.impendium.core.finding.CaseException;
import app.impendium.core.finding.Finding;
import app.impendium.core.finding.GivenUpException;
import app.impendium.core.finding.Shortened;
import app.impendium.server.problem.Parameters.ParameterException;
import app.impendium.server.problem.UnknownParameters.UnknownParameterException;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.beans.TypeMismatchException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.util.InvalidMimeTypeException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;

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
                request,
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This case has no answer yet",
                sentences(exception.findings()));
        problem.setProperty(
                FIELDS, exception.findings().stream().map(FieldProblem::inBody).toList());
        return respond(problem);
    }

    /** What was given up for its cost. */
    @ExceptionHandler
    ResponseEntity<Object> givenUp(GivenUpException exception, WebRequest request) {
        return respond(refuse(
                request,
                HttpStatus.UNPROCESSABLE_CONTENT,
                "This takes too long to calculate",
                "Ask with fewer options, fewer limit sets or a shorter ladder."));
    }

    @ExceptionHandler
    ResponseEntity<Object> refused(RefusedException exception, WebRequest request) {
        ProblemDetail problem = refuse(request, exception.status(), exception.title(), exception.getMessage());
        exception.properties().forEach(problem::setProperty);
        return respond(problem);
    }

    @ExceptionHandler
    ResponseEntity<Object> busy(BusyException exception, WebRequest request) {
        ProblemDetail problem =
                refuse(request, HttpStatus.SERVICE_UNAVAILABLE, "Too much at once", exception.getMessage());
        return ResponseEntity.status(problem.getStatus())
                .header(
                        HttpHeaders.RETRY_AFTER,
                        String.valueOf(exception.retryAfter().toSeconds()))
                .body(problem);
    }

    /** What only others of the practice may do. */
    @ExceptionHandler
    ResponseEntity<Object> notAllowed(AccessDeniedException exception, WebRequest request) {
        return respond(refuse(
                request,
                HttpStatus.FORBIDDEN,
                "Only an owner may do this",
                "Ask an owner of your practice to do this."));
    }

    @ExceptionHandler
    ResponseEntity<Object> parameters(ParameterException exception, WebRequest request) {
        ProblemDetail problem = refuse(
                request, HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be asked for", sentences(exception.findings()));
        problem.setProperty(
                FIELDS,
                exception.findings().stream().map(FieldProblem::inAddress).toList());
        return respond(problem);
    }

    @ExceptionHandler
    ResponseEntity<Object> failed(Exception exception, WebRequest request) {
        if (DisconnectedClientHelper.isClientDisconnectedException(exception)) {
            // Whoever asked has gone: there is nobody to answer, and nothing went wrong here.
            return null;
        }
        ProblemDetail problem = problems.ofFailure(servletRequest(request), exception);
        return DatabaseTrouble.behind(exception)
                .map(trouble -> ResponseEntity.status(problem.getStatus())
                        .header(HttpHeaders.RETRY_AFTER, String.valueOf(trouble.retryAfterSeconds()))
                        .<Object>body(problem))
                .orElseGet(() -> respond(problem));
    }

    @ExceptionHandler
    ResponseEntity<Object> unknownParameter(UnknownParameterException exception, WebRequest request) {
        return badParameter(request, exception.field());
    }

    /** A media type that cannot be one, such as a type of any kind for a body. */
    @ExceptionHandler
    ResponseEntity<Object> noMediaType(InvalidMimeTypeException exception, WebRequest request) {
        return respond(refuse(
                request,
                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                HttpStatus.UNSUPPORTED_MEDIA_TYPE.getReasonPhrase(),
                "Send application/json."));
    }

    @Override
    protected ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException exception,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        return badParameter(
                request,
                FieldProblem.inAddress(exception.getParameterName(), "nothing", "a value", "A value is missing here."));
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException exception, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String given = Shortened.echo(String.valueOf(exception.getValue()));
        String allowed =
                Kinds.allowed(exception.getRequiredType() == null ? Object.class : exception.getRequiredType());
        String name = exception instanceof MethodArgumentTypeMismatchException argument
                ? argument.getName()
                : exception.getPropertyName();
        return badParameter(
                request,
                FieldProblem.inAddress(name, given, allowed, given + " is not allowed here, only " + allowed + "."));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException exception, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        FieldError error = exception.getFieldErrors().get(0);
        String given = Shortened.echo(String.valueOf(error.getRejectedValue()));
        String allowed = Kinds.allowed(error.unwrap(TypeMismatchException.class).getRequiredType());
        return badParameter(
                request,
                FieldProblem.inAddress(
                        error.getField(), given, allowed, given + " is not allowed here, only " + allowed + "."));
    }

    private ResponseEntity<Object> badParameter(WebRequest request, FieldProblem field) {
        ProblemDetail problem = refuse(request, HttpStatus.BAD_REQUEST, "The address cannot be read", field.message());
        problem.setProperty(FIELDS, List.of(field));
        return respond(problem);
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

    private static String sentences(List<Finding> findings) {
        return findings.stream()
                .map(finding -> FindingWords.of(finding).message())
                .collect(Collectors.joining(" "));
    }

    private ProblemDetail refuse(WebRequest request, HttpStatus status, String title, String detail) {
        return problems.refuse(servletRequest(request), status, title, detail);
    }

    private static HttpServletRequest servletRequest(WebRequest request) {
        return ((ServletWebRequest) request).getRequest();
    }

    private static ResponseEntity<Object> respond(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }
}
