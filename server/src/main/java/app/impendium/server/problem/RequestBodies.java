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
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
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
    /** Where a request keeps why it is refused, as a {@link Refusal}. */
    static final String REFUSED = READING + ".refused";
    /** Where a request keeps what leaves the rest of its body unread. */
    static final String LEAVE_UNREAD = READING + ".leave";

    private static final Duration FIRST = Duration.ofSeconds(10);
    private static final int LEAST_BYTES_PER_SECOND = 32 * 1024;
    private static final int MOST_READ = 16 * 1024 * 1024;

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
            BodyLimit.refusal(request).ifPresent(refusal -> request.setAttribute(REFUSED, refusal));
            if (isToBeRead(request)) {
                read(request, response);
            } else {
                if (request.getAttribute(REFUSED) != null && hasBody(request)) {
                    leaveUnread(request, response);
                }
                goOn(request, response, chain);
            }
        } else if (request.getAttribute(READING) instanceof BodyReading reading) {
            request.removeAttribute(READING);
            goOn(new RequestWithBody(request, reading.bytes()), response, chain);
        } else {
            chain.doFilter(request, response);
        }
    }

    private void goOn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        if (request.getAttribute(REFUSED) instanceof Refusal refusal) {
            problems.write(request, response, refusal.status(), refusal.title(), refusal.detail());
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    /** Whether a body is there whose length was told, and is not out of all proportion. */
    private static boolean isToBeRead(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 && request.getContentLengthLong() <= MOST_READ;
    }

    /** What is left of the body may never come: a worker who waited for it to pass it over would be kept for as long. */
    private static void leaveUnread(HttpServletRequest request, HttpServletResponse response) {
        response.setHeader(HttpHeaders.CONNECTION, "close");
        if (request.getAttribute(LEAVE_UNREAD) instanceof Runnable leave) {
            leave.run();
        }
    }

    private void read(HttpServletRequest request, HttpServletResponse response) throws IOException {
        int length = request.getContentLength();
        AsyncContext waiting = request.startAsync();
        BodyReading reading = request.getAttribute(REFUSED) == null
                ? BodyReading.kept(waiting, request.getInputStream(), length)
                : BodyReading.dropped(waiting, request.getInputStream(), length);
        request.setAttribute(READING, reading);
        waiting.setTimeout(FIRST.plusSeconds(length / LEAST_BYTES_PER_SECOND).toMillis());
        waiting.addListener(new AsyncListener() {
            @Override
            public void onTimeout(AsyncEvent event) throws IOException {
                reading.end();
                leaveUnread(request, response);
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
