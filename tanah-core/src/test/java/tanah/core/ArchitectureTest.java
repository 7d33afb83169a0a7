package tanah.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.lang.conditions.ArchConditions.callMethodWhere;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaAccess;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Random;
import java.util.concurrent.ThreadLocalRandom;

/** What the core may know, and in which direction its rooms depend on each other. */
@AnalyzeClasses(packages = "tanah.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_KNOWS_ONLY_JAVA = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "tanah.core..", "java.lang..", "java.util..", "java.time..", "java.math..", "org.jspecify..");

    @ArchTest
    static final ArchRule ROOMS_FORM_NO_CYCLES =
            slices().matching("tanah.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule INNER_ROOMS_FORM_NO_CYCLES =
            slices().matching("tanah.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule THE_ENGINE_IS_AN_ISLAND = noClasses()
            .that()
            .resideOutsideOfPackages("tanah.core.climate", "tanah.core.climate.engine")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("tanah.core.climate.engine");

    @ArchTest
    static final ArchRule NO_CLOCK_AND_NO_CHANCE = noClasses()
            .should(callMethodWhere(
                    JavaAccess.Predicates.target(nameMatching("now|currentTimeMillis|nanoTime|random"))))
            .orShould()
            .dependOnClassesThat(belongToAnyOf(Clock.class, Random.class, ThreadLocalRandom.class, SecureRandom.class));

    @ArchTest
    static final ArchRule NO_FILES_AND_NO_LOG = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io..", "java.nio..", "java.util.logging..", "java.net..", "java.sql..");

    @ArchTest
    static final ArchRule NO_SINGLE_PRECISION = noFields().should().haveRawType(float.class);

    @ArchTest
    static final ArchRule NO_DRAWERS = noClasses().should().haveNameMatching(".*(Util|Utils|Manager|Misc|Helper)");
}
