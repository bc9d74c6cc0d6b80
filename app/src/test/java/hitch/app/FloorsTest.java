package hitch.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** A floor of the house uses only the floors below it. */
@AnalyzeClasses(packages = "hitch", importOptions = FloorsTest.NoTests.class)
class FloorsTest {
    /** Tests of this floor, and those that other floors hand on in archives of their own, are no part of the house. */
    static final class NoTests implements ImportOption {
        private static final ImportOption HERE = new ImportOption.DoNotIncludeTests();

        @Override
        public boolean includes(Location location) {
            return HERE.includes(location) && !location.contains("-tests.jar");
        }
    }

    @ArchTest
    static final ArchRule floors = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("models")
            .definedBy("hitch.models..")
            .layer("sense")
            .definedBy("hitch.sense..")
            .layer("core")
            .definedBy("hitch.core..")
            .layer("media")
            .definedBy("hitch.media..")
            .layer("paper")
            .definedBy("hitch.paper..")
            .layer("store")
            .definedBy("hitch.store..")
            .layer("sim")
            .definedBy("hitch.sim..")
            .layer("bench")
            .definedBy("hitch.bench..")
            .layer("desk")
            .definedBy("hitch.desk..")
            .layer("app")
            .definedBy("hitch.app..")
            .whereLayer("app")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("bench")
            .mayOnlyBeAccessedByLayers("app")
            .whereLayer("desk")
            .mayOnlyBeAccessedByLayers("app")
            .whereLayer("sim")
            .mayOnlyBeAccessedByLayers("bench", "desk", "app")
            .whereLayer("store")
            .mayOnlyBeAccessedByLayers("sim", "bench", "desk", "app")
            .whereLayer("paper")
            .mayOnlyBeAccessedByLayers("store", "sim", "bench", "desk", "app")
            .whereLayer("models")
            .mayOnlyBeAccessedByLayers("media", "bench", "app")
            .whereLayer("sense")
            .mayOnlyBeAccessedByLayers("core", "bench")
            .whereLayer("media")
            .mayOnlyBeAccessedByLayers("paper", "store", "sim", "bench", "desk", "app");

    @ArchTest
    static final ArchRule onlyTheDeskAndItsStartKnowTheToolkit = noClasses()
            .that()
            .resideOutsideOfPackages("hitch.desk..", "hitch.app..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("javafx..");

    @ArchTest
    static final ArchRule onlyMediaKnowsNativeCode = noClasses()
            .that()
            .resideOutsideOfPackages("hitch.media..", "hitch.bench..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.bytedeco..");

    @ArchTest
    static final ArchRule whatLeavesTheFirmComesFromWhatMayBeSeen = noClasses()
            .that()
            .resideInAnyPackage("hitch.paper..", "hitch.media.render..", "hitch.store.handover..")
            .and()
            .doNotHaveFullyQualifiedName("hitch.store.handover.Delivery")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("hitch.core.survey.Survey");

    /** A clip is a clip: the desk opens the demo jobs, and knows nothing of how their footage was made. */
    @ArchTest
    static final ArchRule theDeskDoesNotKnowThatFootageIsMade = noClasses()
            .that()
            .resideInAPackage("hitch.desk..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "hitch.sim.scene..",
                    "hitch.sim.pipe..",
                    "hitch.sim.body..",
                    "hitch.sim.view..",
                    "hitch.sim.film..",
                    "hitch.sim.truth..",
                    "hitch.sim.sheet..",
                    "hitch.sim.line..",
                    "hitch.sim.trial..");

    @ArchTest
    static final ArchRule roomsOfTheSimulatorHaveNoCircle =
            slices().matching("hitch.sim.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule nothingOpensTheNetwork = noClasses()
            .should()
            .dependOnClassesThat()
            .haveNameMatching("java\\.net\\.(Socket|ServerSocket|URLConnection|HttpURLConnection|http\\..*)");

    @ArchTest
    static final ArchRule benchesDoNotKnowEachOther = slices().matching(
                    "hitch.desk.(load|mark|line|judge|cut|handover)..")
            .should()
            .notDependOnEachOther();
}
