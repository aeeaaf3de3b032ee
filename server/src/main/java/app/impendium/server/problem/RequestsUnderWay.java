package app.impendium.server.problem;

import app.impendium.server.problem.BodyLimit.Refusal;
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
 * It stands before the application, where each is counted however it ends.
 */
final class RequestsUnderWay extends ValveBase {
    private static final int MOST_OF_SESSION = 24;
    private static final int MOST_OF_ADDRESS = 100;
    private static final Refusal REFUSAL = new Refusal(
            HttpStatus.TOO_MANY_REQUESTS,
            "Too much at once",
            "Too many requests are under way from here. Wait until some are answered.");

    private final ConcurrentMap<String, Integer> underWay = new ConcurrentHashMap<>();
    private final String cookieName;

    RequestsUnderWay(String cookieName) {
        super(true);
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
                response.setHeader(HttpHeaders.RETRY_AFTER, "1");
                request.setAttribute(RequestBodies.REFUSED, REFUSAL);
            }
            getNext().invoke(request, response);
        } finally {
            Runnable end = () -> begun.forEach(this::end);
            if (request.isAsyncStarted()
                    && request.getAttribute(RequestBodies.READING) instanceof BodyReading reading) {
                // Its body is waited for; work on it is counted as another request.
                reading.atEnd(end);
            } else {
                end.run();
            }
        }
    }

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
