package app.impendium.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

@AnalyzeClasses(packages = "app.impendium.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {
    private static final String ROOT = "app.impendium.core";

    @ArchTest
    static final ArchRule needs_nothing_but_the_language =
            classes().should().onlyDependOnClassesThat().resideInAnyPackage("app.impendium.core..", "java..");

    @ArchTest
    static final ArchRule reads_no_clock_file_or_network = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio..", "java.net..", "java.sql..")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    /** Which rooms a room may look into; "" is the front door. A new room must be placed here. */
    private static final Map<String, Set<String>> ALLOWED = Map.ofEntries(
            Map.entry("finding", Set.of()),
            Map.entry("solve", Set.of()),
            Map.entry("money", Set.of("finding")),
            Map.entry("rate", Set.of("finding", "money")),
            Map.entry("loan", Set.of("finding", "money", "rate", "solve")),
            Map.entry("cost", Set.of("finding", "money", "rate", "loan")),
            Map.entry("afford", Set.of("finding", "money", "rate")),
            Map.entry("compare", Set.of("finding", "money", "rate", "loan", "cost")),
            Map.entry("working", Set.of("finding", "money", "rate", "loan", "cost", "compare", "afford")),
            Map.entry("", Set.of("finding", "money", "rate", "loan", "cost", "compare", "working")),
            Map.entry("target", Set.of("", "finding", "money", "rate", "loan", "cost", "solve", "working")),
            Map.entry("fit", Set.of("", "finding", "money", "rate", "loan", "cost", "solve", "pricing", "afford")),
            Map.entry(
                    "rental",
                    Set.of(
                            "", "finding", "money", "rate", "loan", "cost", "compare", "solve", "pricing", "afford",
                            "fit", "working")),
            Map.entry("pricing", Set.of("finding", "money", "rate", "loan")),
            Map.entry("alternative", Set.of("", "finding", "money", "rate", "loan", "cost", "pricing")));

    @ArchTest
    static void a_room_looks_only_into_those_it_may(JavaClasses classes) {
        Set<String> looks = new TreeSet<>();
        for (JavaClass from : classes) {
            for (Dependency dependency : from.getDirectDependenciesFromSelf()) {
                JavaClass target = dependency.getTargetClass();
                boolean isOurs = target.getPackageName().startsWith(ROOT);
                Set<String> allowed = ALLOWED.getOrDefault(roomOf(from), Set.of());
                if (isOurs && !roomOf(target).equals(roomOf(from)) && !allowed.contains(roomOf(target))) {
                    looks.add(dependency.getDescription());
                }
            }
        }
        assertThat(looks).isEmpty();
    }

    private static String roomOf(JavaClass type) {
        return type.getPackageName().substring(ROOT.length()).replaceFirst("^[.]", "");
    }
}
