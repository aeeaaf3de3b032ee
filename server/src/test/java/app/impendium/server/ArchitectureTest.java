package app.impendium.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "app.impendium", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule core_does_not_know_the_server = noClasses()
            .that()
            .resideInAPackage("app.impendium.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..server..");

    @ArchTest
    static final ArchRule features_do_not_depend_on_each_other_in_circles =
            slices().matching("app.impendium.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule features_keep_their_persistence_to_themselves = classes()
            .that()
            .areAnnotatedWith("jakarta.persistence.Entity")
            .or()
            .areAssignableTo("org.springframework.data.repository.Repository")
            .should()
            .bePackagePrivate();

    @ArchTest
    static final ArchRule only_the_way_in_and_the_store_call_the_computation = noClasses()
            .that()
            .resideInAnyPackage("..account..", "..demo..", "..frontend..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("app.impendium.core..");
}
