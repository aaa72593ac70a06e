package silentotter.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "silentotter", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule THE_CORE_DOES_NOT_KNOW_THE_APPLICATION = noClasses()
            .that()
            .resideInAPackage("silentotter.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("silentotter.app..");

    @ArchTest
    static final ArchRule FEATURES_HAVE_NO_CYCLES =
            slices().matching("silentotter.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule CONTROLLERS_ARE_NOBODYS_BUSINESS =
            classes().that().areAnnotatedWith(RestController.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule TABLES_ARE_REACHED_THROUGH_THEIR_FEATURE = classes()
            .that()
            .areAnnotatedWith(Mapper.class)
            .and()
            .haveSimpleNameEndingWith("Mapper")
            .should()
            .bePackagePrivate();
}
