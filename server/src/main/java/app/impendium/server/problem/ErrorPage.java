package app.impendium.server.problem;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers what the container refuses by itself, such as an address that no firewall lets through. */
@Hidden
@RestController
class ErrorPage implements ErrorController {
    private final Problems problems;

    ErrorPage(Problems problems) {
        this.problems = problems;
    }

    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> error(HttpServletRequest request, HttpServletResponse response) {
        if (response.isCommitted()) {
            // It was answered in the application; that its body is left unread is a failure to the container.
            return null;
        }
        HttpStatus status = status(request);
        ProblemDetail problem = problems.refuse(request, status, status.getReasonPhrase(), null);
        return ResponseEntity.status(status).body(problem);
    }

    /** The status of the refusal; asked for by its own address, the page is none. */
    private static HttpStatus status(HttpServletRequest request) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        HttpStatus known = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        return known == null ? HttpStatus.NOT_FOUND : known;
    }
}
