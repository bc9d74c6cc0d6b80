package hitch.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;

/** The heart computes only, and its packages follow the way of the data. */
@AnalyzeClasses(packages = "hitch.core", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorTest {
    /** The way of the data: each uses only those before it. */
    private static final List<String> ROOMS = List.of(
            "measure",
            "footage",
            "counter",
            "gauge",
            "pipe",
            "run",
            "line",
            "detail",
            "finding",
            "rules",
            "note",
            "caption",
            "heard",
            "talk",
            "decide",
            "job",
            "survey",
            "eyes",
            "propose",
            "judge",
            "disclosure",
            "story",
            "sketch",
            "exchange",
            "district",
            "parcel");

    @ArchTest
    static final ArchRule noFilesClockOrNativeCode = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "java.nio.file..", "java.net..", "java.awt..", "javafx..", "org.bytedeco..", "java.sql..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.io.File")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(java.time.Instant.class, "now");

    @ArchTest
    static final ArchRule dataFlowsOneWay = flow();

    @ArchTest
    static final ArchRule whatIsToldComesFromWhatMayBeSeen = noClasses()
            .that()
            .resideInAPackage("hitch.core.story..")
            .or()
            .haveNameMatching("hitch\\.core\\.exchange\\.Finding.*")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("hitch.core.survey.Survey");

    @ArchTest
    static final ArchRule noCircle =
            slices().matching("hitch.core.(**)").should().beFreeOfCycles();

    private static LayeredArchitecture flow() {
        LayeredArchitecture flow = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String room : ROOMS) {
            flow = flow.layer(room).definedBy("hitch.core." + room + "..");
        }
        for (int i = 0; i < ROOMS.size() - 1; i++) {
            flow = flow.whereLayer(ROOMS.get(i))
                    .mayOnlyBeAccessedByLayers(
                            ROOMS.subList(i + 1, ROOMS.size()).toArray(String[]::new));
        }
        return flow.whereLayer(ROOMS.getLast()).mayNotBeAccessedByAnyLayer();
    }
}
