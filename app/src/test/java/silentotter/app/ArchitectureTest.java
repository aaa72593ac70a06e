package silentotter.app;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.web.bind.annotation.RestController;
import silentotter.app.casefile.CaseFiles;
import silentotter.app.instrument.Instruments;

@AnalyzeClasses(packages = "silentotter", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final Layers APP = new Layers(
            "silentotter.app",
            List.of(
                    List.of("storage", "json", "standin"),
                    List.of("http"),
                    List.of("change", "progress"),
                    List.of("part", "shop"),
                    List.of("engine"),
                    List.of("job"),
                    List.of("sheet")),
            List.of(List.of("plan"), List.of("history"), List.of("report"), List.of("practice"), List.of("demo")));

    private static final Layers CORE = new Layers(
            "silentotter.core",
            List.of(
                    List.of("input", "quantity"),
                    List.of("flow"),
                    List.of("twin"),
                    List.of("engine", "instruments"),
                    List.of("wording", "job"),
                    List.of("fault"),
                    List.of("inference"),
                    List.of("decision"),
                    List.of("finding")),
            List.of(
                    List.of("examination", "calculation"),
                    List.of("round"),
                    List.of("diagnosis"),
                    List.of("interpretation"),
                    List.of("planning"),
                    List.of("outcome"),
                    List.of("learning"),
                    List.of("comparison"),
                    List.of("report"),
                    List.of("hidden"),
                    List.of("practice")));

    @ArchTest
    static final ArchRule THE_CORE_DOES_NOT_KNOW_THE_APPLICATION = noClasses()
            .that()
            .resideInAPackage("silentotter.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("silentotter.app..");

    /** A station, a new one too, knows what is below it and no other station; nothing central knows a station. */
    @ArchTest
    static final ArchRule THE_APPLICATION_STANDS_IN_LAYERS =
            classes().that().resideInAPackage("silentotter.app..").should(APP.useOnlyWhatStandsBelow(true));

    /** In the core a station may use another one that comes before it in the round. */
    @ArchTest
    static final ArchRule THE_CORE_STANDS_IN_LAYERS =
            classes().that().resideInAPackage("silentotter.core..").should(CORE.useOnlyWhatStandsBelow(false));

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("silentotter.(*).(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule A_STATION_SHOWS_NOTHING_OF_ITS_INSIDE = classes()
            .that(describe("are of a station", APP::isStation))
            .and()
            .areTopLevelClasses()
            .and()
            .doNotBelongToAnyOf(CaseFiles.class, Instruments.class)
            .should()
            .bePackagePrivate();

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
