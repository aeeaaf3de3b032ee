package app.impendium.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.server.recorded.Recorded;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** No address is forgotten in the log: what changes something or hands something out is recorded, or it is said here why not. */
class RecordedTest {
    private static final RequestMappingHandlerMapping MAPPINGS =
            RunningServer.bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class);

    /** Computes what is sent, and keeps nothing. */
    private static final Pattern COMPUTES =
            Pattern.compile("/api/(evaluations|figures|schedules|ladders|targets|workings|comparisons"
                    + "|grids|rate-offers|seller-credits|letting|affordability|borrowing|underwriting|solutions"
                    + "|annual-percentage-rates|estimates|household|hand-outs/content|open-data/case/reading|loan-lists/(reading|faulty)"
                    + "|rate-tables/csv)(/.*)?");

    private static final Set<String> SAID_OTHERWISE = Set.of(
            // One by one, in the controller.
            "POST /api/cases/changes",
            // In the same transaction as the erasure.
            "POST /api/clients/{id}/erasure",
            // Only the app knows the secret after it; that codes are asked for is recorded.
            "POST /api/account/second-factor",
            // Nobody is signed in yet.
            "POST /api/setup",
            "POST /api/password-links/reading",
            "PUT /api/password-links",
            "POST /api/client-page",
            "POST /api/client-page/notes");

    @Test
    void everythingThatIsDoneIsRecorded() {
        List<String> forgotten = MAPPINGS.getHandlerMethods().entrySet().stream()
                .filter(each -> isOurs(each.getValue()))
                .filter(each -> !each.getValue().hasMethodAnnotation(Recorded.class))
                .flatMap(each -> each.getKey().getMethodsCondition().getMethods().stream()
                        .filter(method -> method != RequestMethod.GET)
                        .flatMap(method -> paths(each.getKey().getPatternValues())
                                .filter(path -> !COMPUTES.matcher(path).matches())
                                .map(path -> method + " " + path)))
                .sorted()
                .toList();

        assertThat(forgotten).containsExactlyInAnyOrderElementsOf(SAID_OTHERWISE);
    }

    @Test
    void everyoneWhoReadsACaseOrAClientIsRecorded() {
        List<String> recorded = MAPPINGS.getHandlerMethods().entrySet().stream()
                .filter(each -> each.getValue().hasMethodAnnotation(Recorded.class))
                .filter(each -> each.getKey().getMethodsCondition().getMethods().contains(RequestMethod.GET))
                .flatMap(each -> paths(each.getKey().getPatternValues()))
                .toList();

        assertThat(recorded)
                .contains(
                        "/api/cases/{id}",
                        "/api/cases/{id}/states",
                        "/api/clients/{id}",
                        "/api/clients/{id}/record",
                        "/api/clients/{id}/record/pdf",
                        "/api/hand-outs/{id}/pdf");
    }

    private static boolean isOurs(HandlerMethod method) {
        return method.getBeanType().getName().startsWith("app.impendium");
    }

    private static Stream<String> paths(Set<String> patterns) {
        return patterns.stream().filter(path -> path.startsWith("/api/"));
    }
}
