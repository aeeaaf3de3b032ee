package app.impendium.server.problem;

import app.impendium.core.finding.Patience;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Bounds what one request may cost, in time of a processor, before its answer begins: a calculation that takes more gives up.
 * Waiting, for a database or for a body, costs nothing. An answer that has begun could not be refused any more, only broken off: a
 * list of loans, which tells how far it is, is bounded by its lines.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class CostOfRequests extends OncePerRequestFilter {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final ConcurrentMap<Thread, Cost> underWay = new ConcurrentHashMap<>();
    private final Duration most;

    /** What a request has cost so far. */
    private static final class Cost {
        private final long endNanos;
        private volatile boolean isTooMuch;

        /** @param endNanos what its thread has used of a processor when it has cost too much */
        Cost(long endNanos) {
            this.endNanos = endNanos;
        }
    }

    CostOfRequests(@Value("${impendium.longest-calculation}") Duration most) {
        this.most = most;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Thread worker = Thread.currentThread();
        Cost cost = new Cost(THREADS.getCurrentThreadCpuTime() + most.toNanos());
        underWay.put(worker, cost);
        Patience.until(() -> cost.isTooMuch && !response.isCommitted());
        try {
            chain.doFilter(request, response);
        } finally {
            Patience.withoutEnd();
            underWay.remove(worker);
        }
    }

    /** A calculation asks far too often to look at the time by itself. */
    @Scheduled(fixedDelay = 200)
    void lookAtTheTime() {
        underWay.forEach((worker, cost) -> {
            if (THREADS.getThreadCpuTime(worker.getId()) > cost.endNanos) {
                cost.isTooMuch = true;
            }
        });
    }
}
