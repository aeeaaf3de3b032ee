package app.impendium.server.presence;

import app.impendium.server.account.OpenSessions;
import app.impendium.server.account.SignedInAdvisor;
import app.impendium.server.presence.Viewers.Present;
import app.impendium.server.presence.Viewers.Viewer;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.task.TaskExecutor;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells those who look at a case what is new of it, within a second or two: it asks the database for all of them at once, so
 * that it does not matter which instance somebody else is served by.
 */
@Service
class CaseWatch {
    /** Whoever looks on asks again after it, and shows again by that who they are. */
    private static final long ENDS_AFTER_MS = 120_000;

    /** In seconds. */
    private static final int LONGEST_QUIET = 3;

    /** Of one person; with one more, the one that has been open longest is told nothing any more. */
    private static final int MOST_WINDOWS = 20;

    private final ConcurrentMap<UUID, Watching> watching = new ConcurrentHashMap<>();
    private final Viewers viewers;
    private final OpenSessions sessions;
    private final TaskExecutor executor;

    CaseWatch(
            Viewers viewers,
            OpenSessions sessions,
            @Qualifier("applicationTaskExecutor") TaskExecutor executor,
            MeterRegistry metrics) {
        this.viewers = viewers;
        this.sessions = sessions;
        this.executor = executor;
        Gauge.builder("impendium.windows", watching, ConcurrentMap::size)
                .description("Windows that look at a case and are told its news")
                .register(metrics);
    }

    /** A window that looks at a case. */
    private static final class Watching {
        private final Viewer viewer;
        private final String session;
        private final SseEmitter emitter = new SseEmitter(ENDS_AFTER_MS);
        private final long since = System.nanoTime();
        private CaseNews told;
        private int quiet;

        Watching(Viewer viewer, String session) {
            this.viewer = viewer;
            this.session = session;
        }

        /** Tells what is new, else something of no meaning from time to time: by that it is noticed that somebody went. */
        synchronized void tell(CaseNews news) {
            try {
                if (!news.equals(told)) {
                    emitter.send(SseEmitter.event().name("news").data(news));
                    told = news;
                    quiet = 0;
                } else if (++quiet == LONGEST_QUIET) {
                    emitter.send(SseEmitter.event().comment(""));
                    quiet = 0;
                }
            } catch (IOException | IllegalStateException e) {
                emitter.completeWithError(e);
            }
        }
    }

    /**
     * What is told of a case to somebody from now on, until they go.
     *
     * @param session the key of the session in which they look
     */
    SseEmitter watch(SignedInAdvisor who, String session, UUID caseId) {
        Watching added = new Watching(new Viewer(UUID.randomUUID(), caseId, who.id()), session);
        UUID id = added.viewer.id();
        added.emitter.onCompletion(() -> forget(id));
        added.emitter.onTimeout(added.emitter::complete);
        viewers.seen(List.of(added.viewer));
        add(added);
        return added.emitter;
    }

    /** One after the other: of several that are opened at once each would take another for the one too many. */
    private synchronized void add(Watching added) {
        watching.put(added.viewer.id(), added);
        UUID advisorId = added.viewer.advisorId();
        watching.values().stream()
                .filter(each -> each.viewer.advisorId().equals(advisorId))
                .sorted(Comparator.<Watching>comparingLong(each -> each.since).reversed())
                .skip(MOST_WINDOWS)
                .forEach(this::end);
    }

    private void end(Watching window) {
        forget(window.viewer.id());
        window.emitter.complete();
    }

    private void forget(UUID id) {
        if (watching.remove(id) != null) {
            viewers.gone(id);
        }
    }

    /** Whoever has signed out, or was signed out, is told nothing more. */
    @Scheduled(fixedDelay = 3000)
    void endSignedOut() {
        if (!watching.isEmpty()) {
            Set<String> open = sessions.openOf(
                    watching.values().stream().map(each -> each.session).collect(Collectors.toSet()));
            watching.values().stream()
                    .filter(each -> !open.contains(each.session))
                    .forEach(this::end);
        }
    }

    @Scheduled(fixedDelay = 1000)
    void tellNews() {
        if (!watching.isEmpty()) {
            tell();
        }
    }

    @Scheduled(fixedDelay = 10_000)
    void renew() {
        if (!watching.isEmpty()) {
            viewers.seen(watching.values().stream().map(each -> each.viewer).toList());
        }
    }

    private void tell() {
        Set<UUID> cases =
                watching.values().stream().map(each -> each.viewer.caseId()).collect(Collectors.toSet());
        Map<UUID, Integer> revisions = viewers.revisions(cases);
        Map<UUID, List<Present>> present = viewers.present(cases);
        for (Watching each : watching.values()) {
            UUID caseId = each.viewer.caseId();
            Integer revision = revisions.get(caseId);
            if (revision == null) {
                each.emitter.complete();
            } else {
                List<String> others = present.getOrDefault(caseId, List.of()).stream()
                        .filter(other -> !other.advisorId().equals(each.viewer.advisorId()))
                        .map(Present::name)
                        .toList();
                // Whoever reads slowly keeps nobody else waiting.
                executor.execute(() -> each.tell(new CaseNews(revision, others)));
            }
        }
    }

    /** Who looks on is served by another instance, or when this one is back. */
    @EventListener(ContextClosedEvent.class)
    void end() {
        watching.values().forEach(each -> each.emitter.complete());
    }
}
