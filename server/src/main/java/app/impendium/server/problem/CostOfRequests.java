package app.impendium.server.problem;

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
 * Bounds what one request may cost, in time of a processor: a calculation that takes more is interrupted, and gives up. Waiting,
 * for a database or for a body, costs nothing.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class CostOfRequests extends OncePerRequestFilter {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /** What each thread that works on a request has used when the request has cost too much, in nanoseconds. */
    private final ConcurrentMap<Thread, Long> underWay = new ConcurrentHashMap<>();

    private final Duration most;

    CostOfRequests(@Value("${impendium.longest-calculation}") Duration most) {
        this.most = most;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Thread worker = Thread.currentThread();
        underWay.put(worker, THREADS.getCurrentThreadCpuTime() + most.toNanos());
        try {
            chain.doFilter(request, response);
        } finally {
            underWay.remove(worker);
            // Whatever this thread works on next goes on.
            Thread.interrupted();
        }
    }

    /** Interrupts what costs too much, while it is under way and never after. */
    @Scheduled(fixedDelay = 200)
    void interruptTheCostly() {
        underWay.keySet()
                .forEach(worker -> underWay.computeIfPresent(worker, (same, end) -> {
                    if (THREADS.getThreadCpuTime(worker.getId()) > end) {
                        worker.interrupt();
                    }
                    return end;
                }));
    }
}
