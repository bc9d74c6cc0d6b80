package hitch.core.story;

import static org.assertj.core.api.Assertions.assertThat;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.finding.ClockPosition;
import hitch.core.finding.FindingId;
import hitch.core.finding.Weight;
import hitch.core.footage.FrameRef;
import hitch.core.job.Edit;
import hitch.core.job.Entry;
import hitch.core.job.Job;
import hitch.core.job.JobHistory;
import hitch.core.job.OwnShot;
import hitch.core.job.Pointing;
import hitch.core.job.ShotChange;
import hitch.core.job.View;
import hitch.core.run.Direction;
import hitch.core.survey.Reckoner;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** A script in a person's order and words, whatever becomes of the record. */
class RearrangingTest {
    private static final FrameRef MOMENT = new FrameRef(Sample.DOWN, 20_000);

    private Job job = Sample.marked();

    private static Disclosure may(Job job) {
        return Disclosure.of(Reckoner.survey(job), Recipient.HOMEOWNER);
    }

    private static Script script(Job job) {
        return Script.of(may(job));
    }

    private static Rearranging arranging(Job job) {
        return new Rearranging(script(job), may(job));
    }

    private static List<String> keys(Job job) {
        return script(job).lines().stream().map(l -> l.proposed().key()).toList();
    }

    private ScriptLine line(String key) {
        return script(job).line(key).orElseThrow();
    }

    @Test
    void aSplitParagraphIsSpokenOverItsPictureAndAStillOfItAndJoinedAgain() {
        String key = keys(job).stream()
                .filter(k -> k.startsWith("finding:"))
                .findFirst()
                .orElseThrow();
        job = job.with(arranging(job).split(key, "Here it is.", "And there is more of it."));
        int at = keys(job).indexOf(key);
        assertThat(keys(job).get(at + 1)).isEqualTo("own:1");
        assertThat(line(key).shot().narration()).isEqualTo("Here it is.");
        assertThat(line("own:1").shot()).isInstanceOf(StillShot.class);
        assertThat(line("own:1").shot().narration()).isEqualTo("And there is more of it.");
        assertThat(line("own:1").shot().shown()).isEqualTo(line(key).shot().shown());
        job = job.with(arranging(job).join("own:1"));
        assertThat(keys(job)).doesNotContain("own:1");
        assertThat(line(key).shot().narration()).isEqualTo("Here it is. And there is more of it.");
    }

    /** What goes on shows what was shown: a card its rows, the plan the plan, played footage the moment where it had come to. */
    @Test
    void eachKindOfShotGoesOnWithItsOwnPictureWhenItIsSplit() {
        List<Shot> proposed = script(job).lines().stream().map(ScriptLine::shot).toList();
        Set<OwnShot.Kind> split = EnumSet.noneOf(OwnShot.Kind.class);
        for (Shot shot : proposed) {
            Job one = job.with(arranging(job).split(shot.key(), "Before.", "After."));
            List<ScriptLine> lines = script(one).lines();
            Shot first = script(one).line(shot.key()).orElseThrow().shot();
            Shot rest = lines.get(lines.indexOf(script(one).line(shot.key()).orElseThrow()) + 1)
                    .shot();
            assertThat(first.narration()).as(shot.key()).isEqualTo("Before.");
            assertThat(rest.narration()).as(shot.key()).isEqualTo("After.");
            switch (shot) {
                case CardShot card -> {
                    assertThat(((CardShot) rest).rows()).hasSameSizeAs(card.rows());
                    split.add(OwnShot.Kind.CARD);
                }
                case MapShot map -> {
                    assertThat(rest).as(map.title()).isInstanceOf(MapShot.class);
                    split.add(OwnShot.Kind.MAP);
                }
                case PassageShot passage -> {
                    assertThat(((PassageShot) rest).frame().clip())
                            .isEqualTo(passage.frame().clip());
                    assertThat(((PassageShot) rest).frame().pts())
                            .isGreaterThan(passage.frame().pts());
                    split.add(OwnShot.Kind.PLAYED);
                }
                default -> {
                    assertThat(rest.shown()).isSubsetOf(shot.shown());
                    split.add(OwnShot.Kind.STILL);
                }
            }
        }
        assertThat(split).containsExactlyInAnyOrder(OwnShot.Kind.values());
    }

    /** At the end of its clip there is nothing later to go on with. */
    @Test
    void footageThatEndsWithItsClipGoesOnWithinIt() {
        long end = 120_000;
        job = job.with(arranging(job)
                .put(
                        "",
                        key -> new OwnShot(
                                key,
                                OwnShot.Kind.PLAYED,
                                Optional.of(new FrameRef(Sample.DOWN, end - 100)),
                                "",
                                List.of()),
                        "One. Two."));
        job = job.with(arranging(job).split("own:1", "One.", "Two."));
        assertThat(line("own:2").shot().shown())
                .allSatisfy(f -> assertThat(f.pts()).isBetween(end - 100, end));
    }

    @Test
    void whatIsJoinedGoesToTheNearestShotBeforeItThatIsShown() {
        List<String> keys = keys(job);
        String words = line(keys.get(2)).shot().narration();
        job = job.with(arranging(job).takeOut(keys.get(1)));
        job = job.with(arranging(job).join(keys.get(2)));
        assertThat(line(keys.getFirst()).shot().narration()).endsWith(words);
        assertThat(script(job).told().shots()).extracting(Shot::key).doesNotContain(keys.get(1), keys.get(2));
    }

    @Test
    void theFirstAndTheLastStayWhereThereIsNoMore() {
        List<String> keys = keys(job);
        assertThat(arranging(job).move(keys.getFirst(), false).changes()).isEmpty();
        assertThat(arranging(job).move(keys.getLast(), true).changes()).isEmpty();
        job = job.with(arranging(job).move(keys.get(1), false));
        assertThat(keys(job).subList(0, 2)).containsExactly(keys.get(1), keys.get(0));
        job = job.with(arranging(job).move(keys.get(1), true));
        assertThat(keys(job)).isEqualTo(keys);
    }

    @Test
    void joiningAProposedShotLeavesItOutAndKeepsItsWords() {
        List<String> keys = keys(job);
        String words = line(keys.get(1)).shot().narration();
        job = job.with(arranging(job).join(keys.get(1)));
        assertThat(line(keys.get(1)).isLeftOut()).isTrue();
        assertThat(line(keys.getFirst()).shot().narration()).endsWith(words);
        assertThat(arranging(job).join(keys.getFirst()).changes()).isEmpty();
    }

    @Test
    void everyKindOfShotIsPutInAndTakenOut() {
        List<OwnShot.Kind> kinds = List.of(OwnShot.Kind.values());
        for (OwnShot.Kind kind : kinds) {
            boolean footage = kind == OwnShot.Kind.PLAYED || kind == OwnShot.Kind.STILL;
            job = job.with(arranging(job)
                    .put(
                            keys(job).getFirst(),
                            key -> new OwnShot(
                                    key, kind, footage ? Optional.of(MOMENT) : Optional.empty(), "", List.of("a row")),
                            "Words."));
        }
        assertThat(keys(job).subList(1, 5)).containsExactly("own:4", "own:3", "own:2", "own:1");
        assertThat(line("own:1").shot()).isInstanceOf(PassageShot.class);
        assertThat(line("own:1").shot().title()).contains("ft");
        job = job.with(arranging(job).takeOut("own:3"));
        assertThat(keys(job).subList(1, 4)).containsExactly("own:4", "own:2", "own:1");
        assertThat(job.story().at("homeowner", "own:3")).isEqualTo(ShotChange.NONE);
    }

    @Test
    void wordsAreReplacedWhereTheyStandAndNowhereElse() {
        List<String> keys = keys(job);
        change(keys.get(0), c -> c.saying("Nothing of it here.", ""));
        change(keys.get(1), c -> c.saying("A wobble, and a wobble.", ""));
        Rearranging arranging = arranging(job);
        assertThat(arranging.holding("wobble")).hasSize(1);
        assertThat(arranging.holding("")).isEmpty();
        job = job.with(arranging.replace("wobble", "step"));
        assertThat(line(keys.get(1)).shot().narration()).isEqualTo("A step, and a step.");
        assertThat(line(keys.get(0)).shot().narration()).isEqualTo("Nothing of it here.");
        assertThat(arranging(job).replace("wobble", "step").changes()).isEmpty();
    }

    @Test
    void aMovedShotWhoseNeighbourIsGoneStandsWhereItWasProposed() {
        List<String> before = keys(job);
        String finding = before.stream()
                .filter(k -> k.startsWith("finding:"))
                .findFirst()
                .orElseThrow();
        job = job.with(arranging(job).move("card:closing", finding));
        assertThat(keys(job).indexOf("card:closing")).isEqualTo(before.indexOf(finding) + 1);
        Job without = job.with(new Edit.RemoveFinding(new FindingId(finding.substring("finding:".length()))));
        assertThat(keys(without)).last().isEqualTo("card:closing");
    }

    @Test
    void aChangedPictureIsShownAndAMomentThatIsHiddenIsNot() {
        String key = keys(job).stream()
                .filter(k -> k.startsWith("finding:"))
                .findFirst()
                .orElseThrow();
        View view = new View(2, 0.25, 0.75);
        ClockPosition top =
                line(key).shot() instanceof FindingShot f && f.pointer().isPresent()
                        ? f.pointer().get()
                        : ClockPosition.at(12);
        change(
                key,
                c -> c.withView(Optional.of(view))
                        .withPointer(Optional.of(Pointing.NOWHERE))
                        .withFrame(Optional.of(MOMENT)));
        FindingShot shot = (FindingShot) line(key).shot();
        assertThat(shot.view()).contains(view);
        assertThat(shot.pointer()).isEmpty();
        assertThat(shot.frame()).isEqualTo(MOMENT);
        change(
                key,
                c -> c.withPointer(Optional.of(new Pointing(Optional.of(top))))
                        .withHeld(Optional.of(false))
                        .withSpeed(Optional.of(2.0)));
        assertThat(line(key).shot()).isInstanceOf(PassageShot.class);
        assertThat(((PassageShot) line(key).shot()).speed()).isEqualTo(2);
        assertThat(line(key).shot().key()).isEqualTo(key);
    }

    private void change(String key, java.util.function.UnaryOperator<ShotChange> how) {
        job = job.with(new Edit.ChangeShot("homeowner", key, how.apply(line(key).change())));
    }

    @Test
    void nothingOfOnesOwnShowsADistrictWhatLiesBehindTheBoundary() {
        LineJob line = new LineJob()
                .run("street", Direction.WITH_FLOW, 0, 60)
                .note("street", 5, "roots top heavy")
                .note("street", 50, "main connection");
        Job districts = line.job();
        Disclosure before = Disclosure.of(Reckoner.survey(districts), Recipient.DISTRICT);
        FrameRef hidden = districts.findings().getFirst().frame();
        org.junit.jupiter.api.Assumptions.assumeFalse(before.shows(hidden));
        Rearranging arranging = new Rearranging(Script.of(before), before);
        districts = districts.with(arranging.put(
                "", key -> new OwnShot(key, OwnShot.Kind.STILL, Optional.of(hidden), "", List.of()), "Look."));
        Disclosure may = Disclosure.of(Reckoner.survey(districts), Recipient.DISTRICT);
        assertThat(Script.of(may).lines()).extracting(l -> l.proposed().key()).doesNotContain("own:1");
        assertThat(Script.of(may).told().shots().stream().flatMap(s -> s.shown().stream()))
                .allMatch(may::shows);
    }

    /** Moving puts a shot directly behind the other and changes the order of nothing else; undo gives each story back. */
    @Property(tries = 15)
    void movesPutsAndTakingOutAreAsTheyAreMeantAndUndone(@ForAll long seed) {
        Random random = new Random(seed);
        Job now = Sample.marked();
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            List<String> before = keys(now);
            List<String> wanted = new ArrayList<>(before);
            String key = before.get(random.nextInt(before.size()));
            String behind = random.nextInt(6) == 0 ? "" : before.get(random.nextInt(before.size()));
            Edit edit;
            if (random.nextInt(3) == 0) {
                String next = now.story().nextOwn("homeowner");
                edit = arranging(now)
                        .put(behind, k -> new OwnShot(k, OwnShot.Kind.CARD, Optional.empty(), "t", List.of()), "w");
                wanted.add(behind.isEmpty() ? 0 : wanted.indexOf(behind) + 1, next);
            } else if (key.startsWith(OwnShot.KEYS) && random.nextBoolean()) {
                edit = arranging(now).takeOut(key);
                wanted.remove(key);
            } else {
                edit = arranging(now).move(key, behind);
                if (!key.equals(behind)) {
                    wanted.remove(key);
                    wanted.add(behind.isEmpty() ? 0 : wanted.indexOf(behind) + 1, key);
                }
            }
            now = now.with(edit);
            entries.add(new Entry.Did(edit));
            assertThat(keys(now)).isEqualTo(wanted);
        }
        List<Entry> undone = new ArrayList<>(entries);
        for (int i = entries.size() - 1; i >= 0; i--) {
            undone.add(new Entry.Undid());
            assertThat(JobHistory.of(undone).job().story())
                    .isEqualTo(JobHistory.of(entries.subList(0, i)).job().story());
        }
    }

    /** Whatever is changed in the record, every word a person wrote is there, and those whose facts changed are flagged and no others. */
    @Property(tries = 10)
    void everyWordOfAPersonOutlastsTheRecord(@ForAll long seed) {
        Random random = new Random(seed);
        Job told = Sample.marked();
        for (ScriptLine line : script(told).lines()) {
            told = told.with(new Edit.ChangeShot(
                    "homeowner",
                    line.proposed().key(),
                    line.change()
                            .saying(
                                    "Words of my own on " + line.proposed().key(),
                                    line.proposed().facts())));
        }
        Map<String, String> facts = new java.util.HashMap<>();
        script(told)
                .lines()
                .forEach(l -> facts.put(l.proposed().key(), l.proposed().facts()));
        Job changed = told;
        for (int i = 0; i < 3; i++) {
            var finding =
                    changed.findings().get(random.nextInt(changed.findings().size()));
            changed = changed.with(
                    random.nextBoolean()
                            ? new Edit.MoveFinding(
                                    finding.id(),
                                    new FrameRef(
                                            finding.frame().clip(),
                                            finding.frame().pts() + 500))
                            : new Edit.WeighFinding(finding.id(), Optional.of(Weight.values()[random.nextInt(3)])));
        }
        for (ScriptLine line : script(changed).lines()) {
            String key = line.proposed().key();
            boolean was = facts.containsKey(key);
            assertThat(line.isReworded()).as(key).isEqualTo(was);
            if (was) {
                assertThat(line.shot().narration()).isEqualTo("Words of my own on " + key);
                assertThat(line.isStale())
                        .as(key)
                        .isEqualTo(!facts.get(key).equals(line.proposed().facts()));
            }
        }
    }
}
