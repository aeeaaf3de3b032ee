package app.impendium.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static org.assertj.core.api.Assertions.assertThat;

import app.impendium.core.CaseEvaluator;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.transaction.annotation.Transactional;

@AnalyzeClasses(
        packages = "app.impendium.server",
        importOptions = {ImportOption.DoNotIncludeTests.class, ArchitectureTest.OnlyWritten.class})
class ArchitectureTest {

    /** Which rooms a room may look into, the computation being one of them. A new room must be placed here. */
    private static final Map<String, Set<String>> ALLOWED = Map.ofEntries(
            Map.entry("", Set.of()),
            Map.entry("problem", Set.of("core")),
            Map.entry("document", Set.of("core")),
            Map.entry("mail", Set.of("jobs")),
            Map.entry("spool", Set.of()),
            Map.entry("presence", Set.of("account", "casefile", "problem")),
            Map.entry("recorded", Set.of()),
            Map.entry("jobs", Set.of()),
            Map.entry("audit", Set.of("jobs", "account", "practice", "recorded", "csv", "search", "problem", "core")),
            Map.entry("search", Set.of("problem")),
            Map.entry("client", Set.of("recorded", "account", "search", "problem")),
            Map.entry("backup", Set.of("jobs", "account")),
            Map.entry("account", Set.of("recorded", "mail", "problem")),
            Map.entry("people", Set.of("recorded", "account", "mail", "practice", "problem")),
            Map.entry("practice", Set.of("jobs", "practicedata", "recorded", "account", "document", "problem")),
            Map.entry("evaluation", Set.of("document", "outside", "problem", "core")),
            Map.entry("outside", Set.of("document", "core")),
            Map.entry(
                    "estimate", Set.of("account", "practice", "document", "evaluation", "outside", "problem", "core")),
            Map.entry("csv", Set.of("problem", "core")),
            Map.entry("practicedata", Set.of("jobs", "account", "problem")),
            Map.entry(
                    "rates",
                    Set.of(
                            "practicedata",
                            "recorded",
                            "account",
                            "practice",
                            "document",
                            "evaluation",
                            "outside",
                            "csv",
                            "problem",
                            "core")),
            Map.entry(
                    "household",
                    Set.of("account", "practice", "document", "evaluation", "outside", "csv", "problem", "core")),
            Map.entry("lending", Set.of("practicedata", "recorded", "account", "document", "evaluation", "problem")),
            Map.entry(
                    "casefile",
                    Set.of(
                            "practicedata",
                            "recorded",
                            "jobs",
                            "audit",
                            "account",
                            "practice",
                            "client",
                            "search",
                            "document",
                            "evaluation",
                            "lending",
                            "problem",
                            "core")),
            Map.entry(
                    "loanlist",
                    Set.of(
                            "recorded",
                            "client",
                            "account",
                            "practice",
                            "document",
                            "evaluation",
                            "casefile",
                            "csv",
                            "problem",
                            "core")),
            Map.entry("words", Set.of("document", "core")),
            Map.entry(
                    "workbook",
                    Set.of("recorded", "account", "practice", "document", "evaluation", "lending", "words", "core")),
            Map.entry("opendata", Set.of("csv", "recorded", "account", "practice", "document", "evaluation", "words")),
            Map.entry(
                    "handout",
                    Set.of(
                            "practicedata",
                            "recorded",
                            "account",
                            "practice",
                            "document",
                            "evaluation",
                            "words",
                            "lending",
                            "casefile",
                            "spool",
                            "problem",
                            "core")),
            Map.entry(
                    "clientpage",
                    Set.of(
                            "recorded",
                            "account",
                            "practice",
                            "document",
                            "evaluation",
                            "handout",
                            "casefile",
                            "problem",
                            "core")),
            Map.entry(
                    "demo",
                    Set.of(
                            "account",
                            "practice",
                            "client",
                            "document",
                            "practicedata",
                            "lending",
                            "handout",
                            "casefile")),
            Map.entry(
                    "privacy",
                    Set.of(
                            "account",
                            "audit",
                            "practice",
                            "client",
                            "document",
                            "evaluation",
                            "handout",
                            "recorded",
                            "spool",
                            "words")),
            Map.entry("frontend", Set.of("problem")));

    @ArchTest
    static void a_room_looks_only_into_those_it_may(JavaClasses classes) {
        Set<String> looks = new TreeSet<>();
        for (JavaClass from : classes) {
            for (Dependency dependency : from.getDirectDependenciesFromSelf()) {
                String target = roomOf(dependency.getTargetClass());
                String room = roomOf(from);
                boolean isAllowed = target.equals(room)
                        || target.equals("outside")
                        || ALLOWED.getOrDefault(room, Set.of()).contains(target);
                if (!isAllowed) {
                    looks.add(room + " into " + target + ": " + dependency.getDescription());
                }
            }
        }
        assertThat(looks).isEmpty();
    }

    private static String roomOf(JavaClass type) {
        String name = type.getPackageName();
        if (!name.startsWith("app.impendium.server")) {
            return name.startsWith("app.impendium.core") ? "core" : "outside";
        }
        return name.substring("app.impendium.server".length())
                .replaceFirst("^[.]", "")
                .replaceFirst("[.].*", "");
    }

    @ArchTest
    static final ArchRule features_keep_their_persistence_to_themselves = classes()
            .that()
            .areAnnotatedWith("jakarta.persistence.Entity")
            .or()
            .areAssignableTo("org.springframework.data.repository.Repository")
            .should()
            .bePackagePrivate();

    /** A list that is brought in is computed and stored part by part, and only one at a time; the demo before anybody asks. */
    private static final Set<String> COMPUTES_AS_IT_STORES = Set.of("CaseStore.createAll", "DemoPractice.run");

    @ArchTest
    static void nothing_is_computed_while_a_connection_to_the_database_is_held(JavaClasses classes) {
        Set<String> computing = new TreeSet<>();
        for (JavaClass each : classes) {
            for (JavaMethod method : each.getMethods()) {
                if (method.isAnnotatedWith(Transactional.class)
                        && !COMPUTES_AS_IT_STORES.contains(each.getSimpleName() + "." + method.getName())
                        && computes(method, new HashSet<>())) {
                    computing.add(method.getFullName());
                }
            }
        }
        assertThat(computing).isEmpty();
    }

    private static boolean computes(JavaMethod method, Set<JavaMethod> seen) {
        return seen.add(method)
                && method.getMethodCallsFromSelf().stream()
                        .anyMatch(call -> call.getTargetOwner().isEquivalentTo(CaseEvaluator.class)
                                || call.getTarget()
                                        .resolveMember()
                                        .filter(target -> computes(target, seen))
                                        .isPresent());
    }

    /** Leaves out what a build for a fast start writes beside the classes. */
    static final class OnlyWritten implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("__");
        }
    }
}
