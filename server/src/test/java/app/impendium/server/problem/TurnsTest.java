package app.impendium.server.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class TurnsTest {
    private static final Duration WAIT = Duration.ofSeconds(30);

    private final ExecutorService others = Executors.newCachedThreadPool();

    @AfterEach
    void endOthers() {
        others.shutdownNow();
    }

    @Test
    void whoeverComesWhenTooManyWaitIsToldToComeAgain() throws InterruptedException {
        Turns turns = new Turns(1, 0, WAIT, "Too much is printed.");
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch end = new CountDownLatch(1);
        others.submit(() -> turns.take(() -> {
            begun.countDown();
            end.await();
            return null;
        }));
        begun.await();

        assertThatThrownBy(() -> turns.take(() -> null))
                .isInstanceOf(BusyException.class)
                .hasMessage("Too much is printed.");
        end.countDown();
    }

    @Test
    void noMoreThanItsNumberDoItAtOnceAndEachGetsATurn() throws Exception {
        Turns turns = new Turns(2, 20, WAIT, "");
        AtomicInteger atOnce = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        List<Future<?>> all = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            all.add(others.submit(() -> turns.take(() -> {
                most.accumulateAndGet(atOnce.incrementAndGet(), Math::max);
                Thread.yield();
                return atOnce.decrementAndGet();
            })));
        }
        for (Future<?> each : all) {
            each.get();
        }

        assertThat(most.get()).isLessThanOrEqualTo(2);
    }

    @Test
    void aTurnEndsWhereItsWorkFails() {
        Turns turns = new Turns(1, 0, WAIT, "");
        for (int i = 0; i < 3; i++) {
            assertThatThrownBy(() -> turns.take(() -> {
                        throw new IllegalStateException("failed");
                    }))
                    .hasMessage("failed");
        }
    }
}
