package ruvant.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ruvant.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule onlyStoresSpeakToTheFile = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Store")
            .and()
            .resideOutsideOfPackages("ruvant.server.storage..", "ruvant.server.demo..", "ruvant.server.benchmark..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework.jdbc..", "java.sql..", "javax.sql..");

    @ArchTest
    static final ArchRule storesKnowNoWeb = noClasses()
            .that()
            .haveSimpleNameEndingWith("Store")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework.web..");

    @ArchTest
    static final ArchRule onlyStartingDataUsesTheDemo = noClasses()
            .that()
            .resideOutsideOfPackage("ruvant.server.demo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("ruvant.server.demo..");

    /** The test's message names the circle. */
    @ArchTest
    static final ArchRule noPackageIsInACircle =
            slices().matching("ruvant.server.(**)").should().beFreeOfCycles();

    /** A room's controllers are nobody's business but HTTP's. */
    @ArchTest
    static final ArchRule nobodyCallsAController = noClasses()
            .that()
            .haveSimpleNameNotEndingWith("Controller")
            .should()
            .dependOnClassesThat(com.tngtech.archunit.base.DescribedPredicate.describe(
                    "are controllers",
                    one -> one.getSimpleName().endsWith("Controller")
                            && one.getPackageName().startsWith("ruvant")));
}
