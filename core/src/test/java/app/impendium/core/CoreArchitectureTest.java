package app.impendium.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.impendium.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {

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

    @ArchTest
    static final ArchRule depends_in_one_direction = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("front door")
            .definedBy("app.impendium.core")
            .layer("wish")
            .definedBy("..core.wish..")
            .layer("working")
            .definedBy("..core.working..")
            .layer("compare")
            .definedBy("..core.compare..")
            .layer("cost")
            .definedBy("..core.cost..")
            .layer("loan")
            .definedBy("..core.loan..")
            .layer("rate")
            .definedBy("..core.rate..")
            .whereLayer("wish")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("front door")
            .mayOnlyBeAccessedByLayers("wish")
            .whereLayer("working")
            .mayOnlyBeAccessedByLayers("front door", "wish")
            .whereLayer("compare")
            .mayOnlyBeAccessedByLayers("working", "front door")
            .whereLayer("cost")
            .mayOnlyBeAccessedByLayers("compare", "working", "front door", "wish")
            .whereLayer("loan")
            .mayOnlyBeAccessedByLayers("cost", "compare", "working", "front door", "wish");
}
