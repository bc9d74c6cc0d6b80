package hitch.core.survey;

import static hitch.core.LineJob.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hitch.core.LineJob;
import hitch.core.Sample;
import hitch.core.counter.Reading;
import hitch.core.exchange.LineJson;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.job.PropertyFacts;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.pipe.Material;
import hitch.core.pipe.Opening;
import hitch.core.pipe.PipeSize;
import hitch.core.run.Direction;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

/** The reckoned line is the same whichever way it was travelled, counted, measured and cut into clips. */
class LinePropertiesTest {
    private static final int LENGTH = 60;

    /** What the made-up pipe is made of, from its upper end on: each change of pipe leads to the next. */
    private static final List<Material> CHAIN =
            List.of(Material.CLAY, Material.PVC, Material.CAST_IRON, Material.ABS, Material.CLAY, Material.CONCRETE);

    private static final String CHANGE = "change";

    /**
     * Something in a made-up pipe of 60 ft, worded for a camera going with the flow and for one going against it.
     */
    record Thing(int at, String with, String against) {}

    @Provide
    Arbitrary<List<Thing>> things() {
        Arbitrary<String[]> words = Arbitraries.of(
                new String[] {"roots left heavy", "roots right heavy"},
                new String[] {"offset 1/2 in top", "offset 1/2 in top"},
                new String[] {CHANGE, CHANGE},
                new String[] {"coupling", "coupling"},
                new String[] {"bend 45 degrees", "bend 45 degrees"},
                new String[] {"hole right", "hole left"});
        return Combinators.combine(Arbitraries.integers().between(1, LENGTH - 1), words)
                .as((at, w) -> new Thing(at, w[0], w[1]))
                .list()
                .ofMinSize(1)
                .ofMaxSize(9)
                .uniqueElements(Thing::at)
                .map(LinePropertiesTest::chained);
    }

    /** The things with each change of pipe worded as what it is at its place. */
    private static List<Thing> chained(List<Thing> things) {
        List<Thing> chained = new ArrayList<>();
        int next = 0;
        for (Thing thing :
                things.stream().sorted(Comparator.comparingInt(Thing::at)).toList()) {
            if (!thing.with().equals(CHANGE)) {
                chained.add(thing);
            } else if (next + 1 < CHAIN.size()) {
                String up = "4 in " + CHAIN.get(next).word();
                String down = "4 in " + CHAIN.get(++next).word();
                chained.add(new Thing(thing.at(), up + " to " + down, down + " to " + up));
            }
        }
        return chained;
    }

    private static Material lowest(List<Thing> things) {
        return CHAIN.get(
                (int) things.stream().filter(t -> t.with().contains(" to ")).count());
    }

    /** The pipe travelled out and back, in one clip or cut at a second, with the counter starting anywhere. */
    private static Survey travelled(List<Thing> things, boolean with, double datum, int cut, LengthUnit unit) {
        Job job = Job.EMPTY.with(new Edit.DescribeProperty(facts(unit)));
        int seconds = 2 * LENGTH;
        List<int[]> parts =
                cut == 0 ? List.of(new int[] {0, seconds}) : List.of(new int[] {0, cut}, new int[] {cut, seconds});
        List<ClipId> ids = new ArrayList<>();
        for (int[] part : parts) {
            ClipId id = new ClipId("clip-" + part[0]);
            ids.add(id);
            job = job.with(new Edit.PutClip(Sample.clip(id, part[1] - part[0])));
        }
        Material there = with ? CHAIN.getFirst() : lowest(things);
        Opening opening = new Opening("two-way cleanout", "", there, PipeSize.inches(4));
        Station start = with ? Station.DATUM : at(LENGTH);
        Direction direction = with ? Direction.WITH_FLOW : Direction.AGAINST_FLOW;
        job = job.with(new Edit.PutRun(
                new Run(new RunId("run"), "run", opening, start, direction, Distance.feet(datum), ids)));
        for (int[] part : parts) {
            for (int t = part[0]; t <= part[1]; t++) {
                long pts = (t - part[0]) * 1000L;
                job = job.with(new Edit.SetMark(
                        new ClipId("clip-" + part[0]), Reading.byHand(pts, Distance.feet(out(t) + datum))));
            }
        }
        for (Thing thing : things) {
            int far = with ? thing.at() : LENGTH - thing.at();
            // Each thing is marked going out; every second one coming back too.
            for (int t : thing.at() % 2 == 0 ? new int[] {far} : new int[] {far, seconds - far}) {
                int[] part = parts.stream().filter(p -> t < p[1]).findFirst().orElse(parts.getLast());
                ClipId clip = new ClipId("clip-" + part[0]);
                String words = with ? thing.with() : thing.against();
                job = job.with(new Edit.AddFinding(new TradeNoteReader()
                        .read(words, unit)
                        .first()
                        .at(
                                job.nextId(),
                                new hitch.core.footage.FrameRef(clip, (t - part[0]) * 1000L),
                                job.runOf(clip))));
            }
        }
        return Reckoner.survey(job);
    }

    private static int out(int t) {
        return t <= LENGTH ? t : 2 * LENGTH - t;
    }

    private static PropertyFacts facts(LengthUnit unit) {
        PropertyFacts f = Sample.job().facts();
        return f.withUnit(unit);
    }

    private static void same(Survey a, Survey b) {
        assertThat(b.findings()).hasSameSizeAs(a.findings());
        for (int i = 0; i < a.findings().size(); i++) {
            assertThat(b.findings().get(i).finding().kind())
                    .isEqualTo(a.findings().get(i).finding().kind());
            assertThat((double)
                            b.findings().get(i).extent().orElseThrow().from().mm())
                    .isCloseTo(a.findings().get(i).extent().orElseThrow().from().mm(), within(3.0));
        }
        assertThat(b.line().lengths()).hasSameSizeAs(a.line().lengths());
        for (LengthRow row : a.line().lengths()) {
            assertThat(b.line().lengths()).anySatisfy(r -> {
                assertThat(r.pipe()).isEqualTo(row.pipe());
                assertThat((double) r.all().mm()).isCloseTo(row.all().mm(), within(3.0));
            });
        }
        assertThat((double) b.line().seeing().mm(Look.WELL))
                .isCloseTo(a.line().seeing().mm(Look.WELL), within(3.0));
    }

    @Property(tries = 100)
    void cuttingAClipChangesNothing(
            @ForAll("things") List<Thing> things, @ForAll @IntRange(min = 5, max = 115) int cut) {
        same(travelled(things, true, 0, 0, LengthUnit.FEET), travelled(things, true, 0, cut, LengthUnit.FEET));
    }

    @Property(tries = 100)
    void anotherDatumOrUnitChangesNothing(
            @ForAll("things") List<Thing> things, @ForAll @IntRange(min = 0, max = 40) int datum) {
        Survey plain = travelled(things, true, 0, 0, LengthUnit.FEET);
        same(plain, travelled(things, true, datum / 10.0, 0, LengthUnit.FEET));
        same(plain, travelled(things, true, 0, 0, LengthUnit.FEET_INCHES));
    }

    @Property(tries = 100)
    void theOtherWayRoundItIsTheSameLine(@ForAll("things") List<Thing> things) {
        Survey with = travelled(things, true, 0, 0, LengthUnit.FEET);
        Survey against = travelled(things, false, 0, 0, LengthUnit.FEET);
        same(with, against);
    }

    @Property(tries = 30)
    void allFiguresCanAlwaysBeWritten(@ForAll("things") List<Thing> things) {
        assertThat(LineJson.write(travelled(things, false, 1, 0, LengthUnit.METRES)))
                .contains("\"pipes\"");
        assertThat(LineJson.write(Reckoner.survey(Job.EMPTY))).contains("\"pipes\" : [ ]");
        assertThat(new LineJob().line().ways()).isEmpty();
    }
}
