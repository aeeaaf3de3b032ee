package app.impendium.server.problem;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;

/**
 * Bounds what one session, and one address, has under way at once: many requests of somebody, or bodies that trickle in, keep nobody
 * else waiting. A browser has six under way; an office behind one address shares its bound, half of what can be worked on at all.
 * It stands before the application, since only there a refused body can be left unread.
 */
final class RequestsUnderWay extends ValveBase {
    private static final int MOST_OF_SESSION = 24;
    private static final int MOST_OF_ADDRESS = 100;

    private final ConcurrentMap<String, Integer> underWay = new ConcurrentHashMap<>();
    private final Problems problems;
    private final String cookieName;

    RequestsUnderWay(Problems problems, String cookieName) {
        super(true);
        this.problems = problems;
        this.cookieName = cookieName;
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        List<String> begun = new ArrayList<>();
        request.setAttribute(RequestBodies.LEAVE_UNREAD, (Runnable) () -> leaveUnread(request));
        try {
            boolean isOneTooMany =
                    begin("address " + CountedAddress.of(request.getRemoteAddr()), MOST_OF_ADDRESS, begun);
            String session = session(request);
            if (session != null) {
                isOneTooMany |= begin("session " + session, MOST_OF_SESSION, begun);
            }
            if (isOneTooMany) {
                refuse(request, response);
            } else {
                getNext().invoke(request, response);
            }
        } finally {
            Runnable end = () -> begun.forEach(this::end);
            if (request.isAsyncStarted()
                    && request.getAttribute(RequestBodies.READING) instanceof BodyReading reading) {
                // Its body is waited for; work on it is counted anew.
                reading.atEnd(end);
            } else {
                end.run();
            }
        }
    }

    private void refuse(Request request, Response response) throws IOException {
        leaveUnread(request);
        response.setHeader(HttpHeaders.RETRY_AFTER, "1");
        problems.write(
                request,
                response,
                HttpStatus.TOO_MANY_REQUESTS,
                "Too much at once",
                "Too many requests are under way from here. Wait until some are answered.");
    }

    /** What is left of the body may never come: whoever waited for it would be kept as by any other. */
    private static void leaveUnread(Request request) {
        request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
    }

    private boolean begin(String whose, int most, List<String> begun) {
        begun.add(whose);
        return underWay.merge(whose, 1, Integer::sum) > most;
    }

    private void end(String whose) {
        underWay.computeIfPresent(whose, (key, count) -> count == 1 ? null : count - 1);
    }

    private String session(Request request) {
        if (request.getCookies() != null) {
            for (Cookie cookie : request.getCookies()) {
                if (cookie.getName().equals(cookieName)) {
                    return cookie.getValue();
                }
            }
        }
        return null;
    }
}
