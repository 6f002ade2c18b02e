package ruvant.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

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
            .resideOutsideOfPackages("ruvant.server.config..", "ruvant.server.demo..", "ruvant.server.measuring..")
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
}
