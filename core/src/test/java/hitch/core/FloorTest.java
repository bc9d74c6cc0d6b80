package hitch.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The heart computes only, and its packages follow the way of the data. */
@AnalyzeClasses(packages = "hitch.core", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorTest {
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
    static final ArchRule dataFlowsOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("footage")
            .definedBy("hitch.core.footage..")
            .layer("counter")
            .definedBy("hitch.core.counter..")
            .layer("line")
            .definedBy("hitch.core.line..")
            .layer("finding")
            .definedBy("hitch.core.finding..")
            .layer("note")
            .definedBy("hitch.core.note..")
            .layer("talk")
            .definedBy("hitch.core.talk..")
            .layer("pipe")
            .definedBy("hitch.core.pipe..")
            .layer("judge")
            .definedBy("hitch.core.judge..")
            .layer("story")
            .definedBy("hitch.core.story..")
            .layer("job")
            .definedBy("hitch.core.job..")
            .layer("sketch")
            .definedBy("hitch.core.sketch..")
            .layer("exchange")
            .definedBy("hitch.core.exchange..")
            .whereLayer("exchange")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("sketch")
            .mayOnlyBeAccessedByLayers("exchange")
            .whereLayer("job")
            .mayOnlyBeAccessedByLayers("exchange")
            .whereLayer("story")
            .mayOnlyBeAccessedByLayers("job", "sketch", "exchange")
            .whereLayer("judge")
            .mayOnlyBeAccessedByLayers("story", "job", "sketch", "exchange")
            .whereLayer("pipe")
            .mayOnlyBeAccessedByLayers("judge", "story", "job", "sketch", "exchange")
            .whereLayer("note")
            .mayOnlyBeAccessedByLayers("talk", "judge", "story", "job", "sketch", "exchange")
            .whereLayer("talk")
            .mayOnlyBeAccessedByLayers("judge", "story", "job", "sketch", "exchange")
            .whereLayer("finding")
            .mayOnlyBeAccessedByLayers("note", "talk", "pipe", "judge", "story", "job", "sketch", "exchange")
            .whereLayer("line")
            .mayOnlyBeAccessedByLayers(
                    "finding", "note", "talk", "pipe", "judge", "story", "job", "sketch", "exchange");
}
