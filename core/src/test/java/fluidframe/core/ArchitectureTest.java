package fluidframe.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "fluidframe.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule coreKnowsOnlyTheLanguageAndNumbers = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "fluidframe.core..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    "java.text..",
                    "org.apache.commons.statistics..",
                    "org.jgrapht..",
                    "org.jtransforms.fft..",
                    "org.apache.commons.numbers.fraction..");

    @ArchTest
    static final ArchRule packagesFormNoCycles =
            slices().matching("fluidframe.core.(**)").should().beFreeOfCycles();
}
