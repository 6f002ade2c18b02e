package ruvant.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ruvant.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule onlyJavaAndNumerics = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ruvant.core..",
                    "java.lang..",
                    "java.util..",
                    "java.time..",
                    "java.math..",
                    // the order of bytes in a sample; files are in a package of their own
                    "java.nio",
                    "org.hipparchus..");

    @ArchTest
    static final ArchRule noClockOfItsOwn = noClasses()
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(Math.class, "random");

    /** Each package by itself, nested ones too; the test's message names the circle. */
    @ArchTest
    static final ArchRule noPackageIsInACircle =
            slices().matching("ruvant.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noRoomIsInACircle =
            slices().matching("ruvant.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule theKernelKnowsNoCamera = classes()
            .that()
            .resideInAPackage("ruvant.core.log..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("ruvant.core.log..", "ruvant.core.units..", "java..");

    @ArchTest
    static final ArchRule theJobKnowsNoRoom = classes()
            .that()
            .resideInAPackage("ruvant.core.job..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "ruvant.core.job..", "ruvant.core.log..", "ruvant.core.trade..", "ruvant.core.units..", "java..");

    /** What a judgement is tried on must not know what it believes. */
    @ArchTest
    static final ArchRule unseenCasesShareNothingWithTheJudgement = classes()
            .that()
            .resideInAPackage("ruvant.core.practice.unseen..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("ruvant.core.practice.unseen..", "ruvant.core.trade..", "java..");
}
