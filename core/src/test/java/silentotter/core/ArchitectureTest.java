package silentotter.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "silentotter.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule ONLY_PLAIN_JAVA_AND_MATHEMATICS = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "silentotter.core..",
                    "java.lang..",
                    "java.util..",
                    "java.time..",
                    "java.math..",
                    "org.hipparchus..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule VALUES_KNOW_NOTHING_OF_THE_JOB = noClasses()
            .that()
            .resideInAnyPackage("..quantity..", "..flow..", "..twin..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..engine..", "..job..", "..compression..", "..diagnosis..", "..wording..");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("silentotter.core.(*)..").should().beFreeOfCycles();
}
