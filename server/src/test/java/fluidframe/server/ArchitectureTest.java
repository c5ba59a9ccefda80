package fluidframe.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "fluidframe", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule controllersNeverSeeRepositories = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Repository");

    @ArchTest
    static final ArchRule libraryKnowsNoServer = noClasses()
            .that()
            .resideInAPackage("fluidframe.library..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("fluidframe.server..");

    @ArchTest
    static final ArchRule checkingFilesNeedsNoSpring = noClasses()
            .that()
            .resideInAPackage("fluidframe.server.check..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "jakarta..", "org.hibernate..");

    @ArchTest
    static final ArchRule featuresFormNoCycles =
            slices().matching("fluidframe.server.(*)..").should().beFreeOfCycles();
}
