package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.Sample;
import hitch.core.caption.CaptionReader;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.footage.Clip;
import hitch.core.job.Edit;
import hitch.core.measure.Distance;
import hitch.core.survey.spoken.SpokenLine;
import hitch.core.talk.Commentary;
import hitch.media.Progress;
import hitch.sim.DemoJob;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeoutException;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is typed and what was said, by key: chips, the queue, a contradiction, a second sighting. */
class TalkWindowTest extends OpenWindow {
    private static final String SAID = """
            [0:14] There are some roots at nine feet, at the top.
            [0:22] Nice clean joint here.
            [0:23] An offset at thirty three, three quarters of an inch.
            [0:31] I'll come back to that.
            [0:33] Wipes hanging here.
            """;

    private Clip street;

    private static final MadeOnce DEMO = new MadeOnce(folder -> DemoJob.FIRST.create(folder, Progress.NONE));

    @Override
    protected Path create(Path folder) throws Exception {
        return DEMO.copy(folder);
    }

    @BeforeEach
    void dropCaptions() throws TimeoutException {
        street = job().work().now().job().clips().get(1);
        interact(() -> {
            job().work().now().job().talk().forEach(t -> job().work().apply(new Edit.RemoveCommentary(t.id())));
            job().work()
                    .apply(new Edit.PutCommentary(
                            new Commentary("said", street.id(), "said.txt", CaptionReader.read(SAID), 0, Map.of())));
        });
        type(KeyCode.T);
        until(() -> queue().getItems().size() == 4
                && queue().getItems().get(0).toString().contains("said.txt"));
    }

    private ListView<?> queue() {
        return lookup("#spoken").queryAs(ListView.class);
    }

    private List<Finding> findings() {
        return job().work().now().job().findings();
    }

    private Commentary said() {
        return job().work().now().job().commentary("said").orElseThrow();
    }

    private void choose(int row) {
        interact(() -> {
            queue().getSelectionModel().select(row);
            queue().requestFocus();
        });
    }

    private double feet(Finding finding) {
        return survey().finding(finding.id())
                        .orElseThrow()
                        .extent()
                        .orElseThrow()
                        .from()
                        .mm()
                / 304.8;
    }

    @Test
    void keepsRefusesAndKnowsAgainByKey() throws TimeoutException {
        int before = findings().size();
        // The demo has these roots already: they are seen once more.
        choose(0);
        type(KeyCode.Y);
        until(() -> said().settled().size() == 1);
        assertThat(findings()).hasSize(before);
        assertThat(findings())
                .anyMatch(f -> f.kind() == FindingKind.ROOTS
                        && f.sightings().size() == 1
                        && f.sightings().getFirst().wording().contains("nine feet"));
        choose(3);
        type(KeyCode.R);
        until(() -> said().settled().size() == 2);
        assertThat(findings()).hasSize(before);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> said().settled().size() == 1);
        choose(3);
        type(KeyCode.Y);
        until(() -> findings().size() == before + 1);
        Finding wipes = findings().getLast();
        assertThat(wipes.kind()).isEqualTo(FindingKind.WIPES);
        assertThat(street.secondsInto(wipes.frame().pts())).isEqualTo(33, within(0.1));
        assertThat(job().work().still(wipes)).satisfies(still -> until(() -> java.nio.file.Files.exists(still)));
    }

    /** What is sure is kept at one stroke and taken back by one undo; what is in doubt stays. */
    @Test
    void allThatIsSureIsKeptAtOnce() throws TimeoutException {
        int before = findings().size();
        choose(0);
        push(KeyCode.SHIFT, KeyCode.Y);
        until(() -> findings().size() > before);
        int kept = findings().size() - before;
        assertThat(said().settled()).hasSize(kept);
        assertThat(said().settled().size())
                .as("roots were found before, a promise is no finding")
                .isLessThan(4);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> findings().size() == before && said().settled().isEmpty());
    }

    /** What was said of the house fills its field, with one undo; a field that says something keeps it. */
    @Test
    void aFactOfTheJobGoesToItsOwnField() throws TimeoutException {
        interact(() -> job().work()
                .apply(new Edit.PutCommentary(
                        new Commentary("house", street.id(), "house.txt", CaptionReader.read("""
                                [0:20] The house was built in nineteen fifty-eight.
                                [0:26] There is a ninety day warranty on the cleaning.
                                """), 0, Map.of()))));
        until(() -> queue().getItems().size() == 6);
        int before = findings().size();
        choose(row("There is a ninety day"));
        type(KeyCode.Y);
        until(() -> more().has(Detail.WARRANTY));
        assertThat(more().get(Detail.WARRANTY)).contains("There is a ninety day warranty on the cleaning");
        assertThat(findings()).as("it is no finding").hasSize(before);
        until(() -> notice().contains("Load has the field"));
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> !more().has(Detail.WARRANTY));
        assertThat(job().work().now().job().commentary("house").orElseThrow().settled())
                .as("it is open again")
                .isEmpty();
        assertThat(more().get(Detail.BUILT)).contains(1951);
        choose(row("The house was built"));
        type(KeyCode.Y);
        until(() -> findings().size() == before + 1);
        assertThat(more().get(Detail.BUILT)).as("nothing is written over").contains(1951);
        assertThat(findings().getLast().kind()).isEqualTo(FindingKind.REMARK);
    }

    /** What is only guessed by its wording says so, and is not among what is sure. */
    @Test
    void whatIsGuessedIsLookedAtFirst() throws TimeoutException {
        interact(() -> job().work()
                .apply(new Edit.PutCommentary(
                        new Commentary("guess", street.id(), "guess.txt", CaptionReader.read("""
                                [0:05] Zero at the cap.
                                [0:10] Five feet. Grease on the top.
                                [0:14] Nine feet. Crack on the left.
                                [0:23] Thirteen feet. A mop of it dangling off the crown, your hedge is thirsty.
                                """), 0, Map.of()))));
        until(() -> queue().getItems().toString().contains("mop of it"));
        choose(row("A mop of it"));
        until(() -> lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().startsWith("Guessed from its wording")));
        push(KeyCode.SHIFT, KeyCode.Y);
        until(() -> !job().work()
                .now()
                .job()
                .commentary("guess")
                .orElseThrow()
                .settled()
                .isEmpty());
        assertThat(findings()).noneMatch(f -> f.wording().contains("mop of it"));
        int before = findings().size();
        choose(row("A mop of it"));
        type(KeyCode.Y);
        until(() -> findings().size() == before + 1);
        assertThat(findings().getLast().kind()).isEqualTo(FindingKind.ROOTS);
        assertThat(findings().getLast().wording()).contains("mop of it");
    }

    /** What only sounds like something is not asked about, and never lost: one key shows it, and it can be kept. */
    @Test
    void whatIsUnlikelyIsShownOnWish() throws TimeoutException {
        interact(() -> job().work()
                .apply(new Edit.PutCommentary(new Commentary(
                        "new", street.id(), "new.txt", CaptionReader.read(Sample.NEW_SPEAKER), 0, Map.of()))));
        until(() -> queue().getItems().size() == 10);
        Button unlikely = lookup("#show-unlikely").queryAs(Button.class);
        assertThat(unlikely.getText()).isEqualTo("1 unlikely");
        choose(row("It's holding"));
        SpokenLine water = chosen();
        assertThat(water.draft().matter()).isEqualTo(FindingKind.STANDING_WATER);
        type(KeyCode.U);
        until(() -> queue().getItems().size() == 11);
        assertThat(chosen()).as("the same is chosen").isEqualTo(water);
        choose(row("A rag"));
        interact(() -> queue().scrollTo(row("A rag")));
        assertThat(chosen().draft().matter()).isEqualTo(FindingKind.WIPES);
        until(() -> lookup(".label").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().startsWith("Only sounds like it")));
        int before = findings().size();
        type(KeyCode.Y);
        until(() -> findings().size() == before + 1);
        assertThat(findings().getLast().kind()).isEqualTo(FindingKind.WIPES);
        type(KeyCode.U);
        until(() -> queue().getItems().size() == 10);
        assertThat(chosen().isOpen()).as("the next open one").isTrue();
    }

    /** While captions are read anew, what was read of them before stays on show. */
    @Test
    void theQueueIsNeverEmptyWhileCaptionsAreReadAnew() throws TimeoutException {
        List<Integer> sizes = new CopyOnWriteArrayList<>();
        interact(() -> {
            queue().getItems().addListener((ListChangeListener<Object>)
                    c -> sizes.add(c.getList().size()));
            job().work()
                    .apply(new Edit.PutCommentary(new Commentary(
                            "said",
                            street.id(),
                            "said.txt",
                            CaptionReader.read(SAID.replace("Wipes", "A rag")),
                            0,
                            Map.of())));
        });
        until(() -> queue().getItems().toString().contains("A rag hanging here"));
        assertThat(sizes).isNotEmpty().doesNotContain(0);
    }

    private SpokenLine chosen() {
        return (SpokenLine) queue().getSelectionModel().getSelectedItem();
    }

    private Details more() {
        return job().work().now().job().facts().more();
    }

    private int row(String words) {
        for (int i = 0; i < queue().getItems().size(); i++) {
            if (queue().getItems().get(i).toString().contains("wording=" + words)) {
                return i;
            }
        }
        throw new AssertionError("nothing in the queue says " + words);
    }

    @Test
    void aContradictionHasToBeChosen() throws TimeoutException {
        int before = findings().size();
        choose(1);
        type(KeyCode.D);
        until(() -> notice().contains("Which place stands"));
        assertThat(findings()).hasSize(before);
        // Thirteen was meant: the counter shows 13.4, and thirty-three sounds like it.
        type(KeyCode.DIGIT2);
        until(() -> findings().size() == before + 1);
        assertThat(feet(findings().getLast())).isEqualTo(13.3, within(0.3));
        assertThat(findings().getLast().traits().size()).contains(Distance.inches(0.75));
    }

    @Test
    void whatWasSaidIsFoundAndReworded() throws TimeoutException {
        interact(() -> lookup("#talk-search").queryAs(TextField.class).setText("wipes"));
        ListView<?> hits = lookup("#talk-hits").queryAs(ListView.class);
        assertThat(hits.getItems()).hasSize(1);
        interact(() -> hits.getSelectionModel().select(0));
        until(() -> Math.abs(job().player().shown().orElseThrow().seconds() - 33) < 0.1);
        choose(3);
        type(KeyCode.E);
        TextField note = lookup("#note").queryAs(TextField.class);
        assertThat(note.getText()).isEqualTo("Wipes hanging here.");
        type(KeyCode.ESCAPE);
        assertThat(said().settled()).as("given up, it stays open").isEmpty();
        choose(3);
        type(KeyCode.E);
        int before = findings().size();
        interact(() -> note.setText("rags top"));
        type(KeyCode.ENTER);
        until(() -> findings().size() == before + 1);
        assertThat(street.secondsInto(findings().getLast().frame().pts())).isEqualTo(33, within(0.1));
        assertThat(said().settled().values())
                .containsExactly(new Commentary.Settled(
                        true, java.util.Optional.of(findings().getLast().id().value())));
    }

    @Test
    void aChipIsCorrectedByClickAndEnterKeepsTheStation() throws TimeoutException {
        TextField note = lookup("#note").queryAs(TextField.class);
        interact(() -> {
            job().player().seek(street, 22.6);
            note.requestFocus();
        });
        until(() -> Math.abs(job().player().shown().orElseThrow().seconds() - 22.6) < 0.1);
        interact(() -> note.setText("crack top heavy 41"));
        Node kind = lookup("#chips .chip-kind").query();
        interact(() -> ((Button) kind).fire());
        ContextMenu menu = (ContextMenu) Window.getWindows().stream()
                .filter(w -> w instanceof PopupWindow && w.isShowing())
                .findFirst()
                .orElseThrow();
        interact(() -> menu.getItems().stream()
                .filter(i -> i.getText().equals("hole"))
                .findFirst()
                .orElseThrow()
                .fire());
        assertThat(note.getText()).isEqualTo("hole top heavy 41");
        int before = findings().size();
        type(KeyCode.ENTER);
        until(() -> findings().size() == before + 1);
        assertThat(feet(findings().getLast())).isEqualTo(13.3, within(0.3));
        until(() -> notice().contains("You typed 41.0 ft"));
        interact(() -> note.setText("hole top heavy 41"));
        interact(note::requestFocus);
        push(KeyCode.SHIFT, KeyCode.ENTER);
        until(() -> findings().size() == before + 2);
        assertThat(feet(findings().getLast())).isEqualTo(41, within(0.01));
    }

    @Test
    void twoThatAreOneAreMergedAndTwoThatAreTwoKeptApart() throws TimeoutException {
        type(KeyCode.T);
        int before = findings().size();
        job().work().changes().addFinding(id -> twinOf(findings().getFirst(), id));
        until(() -> findings().size() == before + 1);
        interact(() -> {
            ListView<?> list = lookup("#findings").queryAs(ListView.class);
            for (int i = 0; i < list.getItems().size(); i++) {
                if (list.getItems().get(i).toString().contains("once more")) {
                    list.getSelectionModel().select(i);
                }
            }
        });
        type(KeyCode.D);
        until(() -> !findings().getLast().apart().isEmpty());
        type(KeyCode.Y);
        assertThat(findings()).hasSize(before + 1);
        push(KeyCode.CONTROL, KeyCode.Z);
        until(() -> findings().getLast().apart().isEmpty());
        type(KeyCode.Y);
        until(() -> findings().size() == before);
        assertThat(findings().getFirst().sightings()).hasSize(1);
    }

    @Test
    void theFirmsOwnWordsAreRead() throws TimeoutException {
        clickOn("#open-firm");
        TextArea words = lookup("#own-words").queryAs(TextArea.class);
        interact(() -> {
            words.requestFocus();
            words.setText("beaver dam = bloccage");
        });
        interact(() -> job().requestFocus());
        until(() -> notice().contains("names no kind"));
        interact(() -> {
            words.requestFocus();
            words.setText("beaver dam = blockage");
        });
        interact(() -> job().requestFocus());
        until(() -> survey().rules().words().containsKey("beaver dam"));
        interact(() -> {
            job().show(1);
            lookup("#note").queryAs(TextField.class).setText("beaver dam top");
        });
        assertThat(lookup("#chips .chip-kind").queryAs(Button.class).getText()).isEqualTo("blockage");
    }

    private static Finding twinOf(Finding known, hitch.core.finding.FindingId id) {
        return new Finding(
                id,
                known.kind(),
                known.frame(),
                known.typed(),
                known.traits(),
                "once more",
                "",
                java.util.Optional.empty(),
                List.of());
    }

    /** Where nothing is chosen there is nothing to keep, to refuse or to set later. */
    @Test
    void whatIsOfTheChosenDraftWaitsForOne() throws TimeoutException {
        Node keep = lookup("Keep").queryButton();
        Node later = named("Captions later by half a second");
        interact(() -> queue().getSelectionModel().clearSelection());
        assertThat(keep.isDisabled()).isTrue();
        assertThat(later.isDisabled()).isTrue();
        choose(1);
        assertThat(keep.isDisabled()).isFalse();
        assertThat(later.isDisabled()).isFalse();
        interact(() -> ((Button) later).fire());
        until(() -> said().offset() == 0.5);
        assertThat(told(".label")).contains("+0.5 s");
    }
}
