package org.waxbell.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.context.annotation.Lazy;
import org.waxbell.engine.EngineState;
import org.waxbell.port.Calendars;
import org.waxbell.show.Show;
import org.waxbell.wiring.CueBook;

/** Holds the arrows of the architecture inside app. */
@AnalyzeClasses(
        packages = "org.waxbell.app",
        importOptions = {ImportOption.DoNotIncludeTests.class, AppArchitectureTest.Written.class})
class AppArchitectureTest {
    /** What people wrote: a build adds to each package how its beans are made. */
    static final class Written implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("__");
        }
    }

    @ArchTest
    static final ArchRule ONLY_ONE_READS_THE_WALL_CLOCK = noClasses()
            .that()
            .doNotHaveSimpleName("SystemClock")
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule ADAPTERS_STAY_APART_FROM_PAGES = noClasses()
            .that()
            .resideInAnyPackage("..practice..", "..stage..", "..media..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..rest..");

    @ArchTest
    static final ArchRule THE_STORE_KNOWS_NO_ADAPTER = noClasses()
            .that()
            .resideInAPackage("..store..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..practice..", "..stage..", "..rest..", "..socket..", "..run..");

    @ArchTest
    static final ArchRule ONLY_THE_LOOP_MAKES_ENGINES = noClasses()
            .that()
            .resideOutsideOfPackage("..run..")
            .should()
            .callMethod(Show.class, "engine", CueBook.class, EngineState.class, long.class, Calendars.class);

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("org.waxbell.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule ADAPTERS_DO_NOT_IMPORT_ONE_ANOTHER = slices().matching(
                    "org.waxbell.app.(practice|irc|mixer|stage|calendar)..")
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule NOBODY_WAITS_FOR_BEANS_THAT_NEED_HIM =
            noClasses().should().dependOnClassesThat().areAssignableTo(Lazy.class);

    @ArchTest
    static final ArchRule NOBODY_KNOWS_THE_ROUTES = noClasses()
            .that()
            .resideOutsideOfPackage("..rest..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("..rest..");
}
