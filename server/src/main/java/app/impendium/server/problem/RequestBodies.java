package app.impendium.server.problem;

import app.impendium.server.problem.BodyLimit.Refusal;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Waits for bodies without a worker, so that those who let theirs trickle keep nobody else waiting: work on a request begins once its
 * body has come whole, and one that takes too long is given up.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestBodies extends OncePerRequestFilter {
    /** Where a request keeps the body that it waits for. */
    static final String READING = RequestBodies.class.getName();
    /** Where a request keeps what leaves the rest of its body unread. */
    static final String LEAVE_UNREAD = READING + ".leave";

    private static final Duration FIRST = Duration.ofSeconds(10);
    private static final int LEAST_BYTES_PER_SECOND = 32 * 1024;

    private final Problems problems;

    RequestBodies(Problems problems) {
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        if (request.getDispatcherType() == DispatcherType.REQUEST) {
            Optional<Refusal> refusal = BodyLimit.refusal(request);
            if (refusal.isPresent()) {
                problems.write(
                        request,
                        response,
                        refusal.get().status(),
                        refusal.get().title(),
                        refusal.get().detail());
            } else if (request.getContentLengthLong() > 0) {
                read(request, response);
            } else {
                chain.doFilter(request, response);
            }
        } else if (request.getAttribute(READING) instanceof BodyReading reading) {
            request.removeAttribute(READING);
            chain.doFilter(new RequestWithBody(request, reading.bytes()), response);
        } else {
            chain.doFilter(request, response);
        }
    }

    private void read(HttpServletRequest request, HttpServletResponse response) throws IOException {
        int length = request.getContentLength();
        AsyncContext waiting = request.startAsync();
        BodyReading reading = new BodyReading(waiting, request.getInputStream(), length);
        request.setAttribute(READING, reading);
        waiting.setTimeout(FIRST.plusSeconds(length / LEAST_BYTES_PER_SECOND).toMillis());
        waiting.addListener(new AsyncListener() {
            @Override
            public void onTimeout(AsyncEvent event) throws IOException {
                reading.end();
                if (request.getAttribute(LEAVE_UNREAD) instanceof Runnable leave) {
                    leave.run();
                }
                problems.write(
                        request,
                        response,
                        HttpStatus.REQUEST_TIMEOUT,
                        "The body came too slowly",
                        "Send it whole within some seconds.");
                event.getAsyncContext().complete();
            }

            @Override
            public void onComplete(AsyncEvent event) {
                reading.end();
            }

            @Override
            public void onError(AsyncEvent event) {
                reading.end();
            }

            @Override
            public void onStartAsync(AsyncEvent event) {
                // What the answer waits for later is not its body.
            }
        });
        request.getInputStream().setReadListener(reading);
    }
}
