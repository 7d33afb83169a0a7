package tanah.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.beans.factory.annotation.Autowired;

/** Directions in the web application. */
@AnalyzeClasses(packages = "tanah", importOptions = ImportOption.DoNotIncludeTests.class)
class WebArchitectureTest {
    private static final String[] STAGE_ROOMS = {
        "tanah.web.design.ground..",
        "tanah.web.design.hardscape..",
        "tanah.web.design.water..",
        "tanah.web.design.heat..",
        "tanah.web.design.air.."
    };

    @ArchTest
    static final ArchRule ROOMS_FORM_NO_CYCLES =
            slices().matching("tanah.web.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule INNER_ROOMS_FORM_NO_CYCLES =
            slices().matching("tanah.web.(**)").should().beFreeOfCycles();

    /** A stage knows no other stage, and nobody but itself knows it: adding one changes nothing elsewhere. */
    @ArchTest
    static final ArchRule STAGES_ARE_ISLANDS = slices().matching("tanah.web.design.(ground|hardscape|water|heat|air)..")
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule PAGES_NAME_NO_STAGE = noClasses()
            .that()
            .resideOutsideOfPackages(STAGE_ROOMS)
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(STAGE_ROOMS);

    @ArchTest
    static final ArchRule MAPPERS_STAY_IN_THEIR_ROOM = classes()
            .that()
            .resideInAPackage("tanah.web..")
            .and()
            .haveSimpleNameEndingWith("Mapper")
            .should()
            .bePackagePrivate();

    @ArchTest
    static final ArchRule CONTROLLERS_KNOW_NO_SQL = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .dependOnClassesThat()
            .haveSimpleNameEndingWith("Mapper");

    @ArchTest
    static final ArchRule CORE_AND_FILES_KNOW_NO_WEB = noClasses()
            .that()
            .resideInAnyPackage("tanah.core..", "tanah.files..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("tanah.web..", "org.springframework..", "org.apache.ibatis..", "java.sql..");

    /** A cell must not become a formula in somebody's spreadsheet. */
    @ArchTest
    static final ArchRule TABLES_ARE_WRITTEN_IN_ONE_PLACE = noClasses()
            .that()
            .resideInAPackage("tanah.web..")
            .and()
            .doNotHaveSimpleName("CsvOut")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("CSVPrinter");

    @ArchTest
    static final ArchRule DRAWINGS_KNOW_NO_DATABASE = noClasses()
            .that()
            .resideInAPackage("tanah.web.svg..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("tanah.web.enclosure..", "tanah.web.log..", "tanah.web.design..");

    @ArchTest
    static final ArchRule NO_FIELD_INJECTION = noFields().should().beAnnotatedWith(Autowired.class);

    @ArchTest
    static final ArchRule NO_CONSOLE = noClasses()
            .that()
            .resideOutsideOfPackage("tanah.cli..")
            .should()
            .accessField(System.class, "out")
            .orShould()
            .accessField(System.class, "err");
}
