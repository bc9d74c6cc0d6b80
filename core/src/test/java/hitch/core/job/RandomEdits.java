package hitch.core.job;

import hitch.core.Sample;
import hitch.core.counter.Counted;
import hitch.core.counter.Doubtful;
import hitch.core.counter.MarkSource;
import hitch.core.counter.Reading;
import hitch.core.counter.Zeroing;
import hitch.core.detail.RandomDetails;
import hitch.core.finding.Certainty;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.PhotoPlace;
import hitch.core.finding.Traits;
import hitch.core.finding.Weight;
import hitch.core.footage.AdjustedSpan;
import hitch.core.footage.Adjustment;
import hitch.core.footage.ClipId;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.rules.HouseRules;
import hitch.core.rules.OwnerRules;
import hitch.core.rules.OwnersReach;
import hitch.core.rules.PriceBook;
import hitch.core.rules.ShowingRules;
import hitch.core.rules.WordRules;
import hitch.core.run.Direction;
import hitch.core.run.RunId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Tuple;

/** Random edits and journals of them, of every kind, with text that tries to break things. */
public final class RandomEdits {
    private static final List<ClipId> CLIPS = List.of(Sample.UP, Sample.DOWN, Sample.YARD);

    private RandomEdits() {}

    public static Arbitrary<Edit> edit() {
        Arbitrary<String> text = Arbitraries.oneOf(
                Arbitraries.strings().ofMaxLength(12),
                Arbitraries.of(
                        "roots top heavy",
                        "offset 3/4 in",
                        "standing water 26-33",
                        "clay to pvc",
                        "\"}\n{",
                        "\\u0000"));
        Arbitrary<ClipId> clip = Arbitraries.of(CLIPS);
        Arbitrary<Long> pts = Arbitraries.longs().between(0, 60_000);
        Arbitrary<FindingId> id = Arbitraries.integers().between(1, 9).map(n -> new FindingId("F" + n));
        Arbitrary<Finding> finding = Combinators.combine(id, clip, pts, text, RandomDetails.details())
                .as((name, c, at, words, said) -> {
                    Finding made = Sample.finding(Sample.job(), c, at / 1000.0, words);
                    return new Finding(
                            name,
                            made.kind(),
                            new FrameRef(c, at),
                            made.typed(),
                            made.traits().withDetails(said),
                            words,
                            made.remark(),
                            Optional.empty(),
                            List.of());
                });
        Arbitrary<Edit> shot = net.jqwik.api.Combinators.combine(
                        text, Arbitraries.of("finding:F1", "card:opening"), Arbitraries.of(true, false))
                .as((words, key, out) -> new Edit.ChangeShot(
                        "buyer", key, ShotChange.NONE.saying(words, "0").leftOut(out)));
        Arbitrary<Edit> arranged = text.map(t -> new Edit.ArrangeShots(
                "buyer",
                Map.of("own:1", ShotChange.NONE.saying(t, "").behind("card:opening")),
                List.of(new OwnShot(
                        "own:1",
                        OwnShot.Kind.STILL,
                        Optional.of(new FrameRef(new ClipId("up"), t.length())),
                        t,
                        List.of(t))),
                t.length() % 3 == 0 ? List.of("own:1") : List.of()));
        Arbitrary<Edit> pictured = text.map(t -> new Edit.ChangeShot(
                "buyer",
                "finding:F2",
                ShotChangeBuilder.builder(ShotChange.NONE)
                        .frame(Optional.of(new FrameRef(new ClipId("down"), t.length())))
                        .speed(Optional.of(1 + t.length() % 7.0))
                        .held(Optional.of(t.length() % 2 == 0))
                        .pointer(Optional.of(
                                t.isEmpty()
                                        ? Pointing.NOWHERE
                                        : new Pointing(Optional.of(hitch.core.finding.ClockPosition.at(3)))))
                        .view(Optional.of(new View(2, 0.5, 0.25)))
                        .build()));
        Arbitrary<Edit> facts = text.map(t -> new Edit.DescribeProperty(new PropertyFacts(
                t,
                "Wendle",
                t,
                "2026-01-01",
                t,
                "",
                PropertyFacts.BLANK.unit(),
                t,
                List.of(t, "x"),
                t.length() % 2 == 0)));
        return Arbitraries.frequencyOf(
                Tuple.of(2, facts),
                Tuple.of(2, arranged),
                Tuple.of(2, pictured),
                Tuple.of(
                        1,
                        Arbitraries.integers()
                                .between(1, 100)
                                .map(n -> new Edit.SetRules(HouseRules.DEFAULT
                                        .weighing()
                                        .withRoots(n)
                                        .withWater(Distance.feet(n))))),
                Tuple.of(
                        1,
                        Arbitraries.of(
                                        HouseRules.DEFAULT.line().depths(),
                                        HouseRules.DEFAULT.judging().withRoundTo(5),
                                        HouseRules.DEFAULT.ages(),
                                        new PriceBook("$", List.of()),
                                        HouseRules.DEFAULT.line().tools(),
                                        HouseRules.DEFAULT.line().openings(),
                                        HouseRules.DEFAULT.line().seeing(),
                                        new OwnerRules(OwnersReach.TO_THE_CURB),
                                        HouseRules.DEFAULT.care().every(9),
                                        new ShowingRules(1, 2),
                                        new WordRules(Map.of("fuzz", FindingKind.ROOTS)))
                                .map(Edit.SetRules::new)),
                Tuple.of(
                        1,
                        Arbitraries.of(
                                        HouseRules.DEFAULT.with(
                                                HouseRules.DEFAULT.care().every(6)),
                                        HouseRules.DEFAULT)
                                .map(Edit.TakeRules::new)),
                Tuple.of(3, RandomDecisions.decision(text, id).map(Edit.Decide::new)),
                Tuple.of(3, clip.map(c -> new Edit.PutClip(Sample.clip(c, 60)))),
                Tuple.of(1, clip.map(Edit.LeaveOutClip::new)),
                Tuple.of(1, clip.map(c -> new Edit.OrderClips(List.of(c)))),
                Tuple.of(
                        1,
                        Combinators.combine(clip, Arbitraries.of(true, false)).as(Edit.SetAside::new)),
                Tuple.of(
                        2,
                        Combinators.combine(clip, pts, Arbitraries.doubles().between(-180, 179))
                                .as((c, at, roll) -> new Edit.Adjust(
                                        c, new AdjustedSpan(at, at + 2000, Adjustment.NONE.withRoll(roll))))),
                Tuple.of(
                        3,
                        Combinators.combine(clip, Arbitraries.of(Direction.values()))
                                .as((c, d) -> new Edit.PutRun(
                                        Sample.run(d == Direction.WITH_FLOW ? "street run" : "building run", d, c)))),
                Tuple.of(1, Arbitraries.of("street-run", "building-run").map(r -> new Edit.RemoveRun(new RunId(r)))),
                Tuple.of(
                        4,
                        Combinators.combine(clip, pts)
                                .as((c, at) -> new Edit.SetMark(c, Sample.reading(at / 1000.0, at % 97)))),
                Tuple.of(
                        1,
                        Combinators.combine(clip, pts)
                                .as((c, at) -> new Edit.SetMark(c, Zeroing.byHand(at, new Distance(at % 5000))))),
                Tuple.of(
                        1,
                        Combinators.combine(clip, pts)
                                .as((c, at) -> new Edit.RemoveMark(c, Sample.reading(at / 1000.0, at % 97)))),
                Tuple.of(
                        1,
                        Combinators.combine(clip, pts)
                                .as((c, at) -> new Edit.ReadCounter(
                                        c,
                                        List.of(
                                                new Reading(at, Distance.feet(at % 97), MarkSource.READ_OFF),
                                                new Zeroing(at + 5, Distance.ZERO, Distance.ZERO, MarkSource.READ_OFF)),
                                        List.of(new Doubtful(at, at + 900, 0.3)),
                                        at % 2 == 0 ? Optional.empty() : Optional.of(Sample.reading(at / 1000.0, 7)),
                                        at % 3 == 0
                                                ? Optional.empty()
                                                : Optional.of(new Counted(LengthUnit.FEET, at % 5 < 3, at % 7 < 5))))),
                Tuple.of(1, Arbitraries.of(LengthUnit.values()).map(Edit.SayCounterUnit::new)),
                Tuple.of(6, finding.map(Edit.AddFinding::new)),
                Tuple.of(3, Combinators.combine(id, finding).as(Edit.AmendFinding::new)),
                Tuple.of(
                        2,
                        Combinators.combine(id, RandomDetails.details(), Arbitraries.of(Certainty.values()))
                                .as((i, said, sure) -> new Edit.SayOfFinding(i, Traits.NONE.withDetails(said), sure))),
                Tuple.of(
                        2,
                        Combinators.combine(id, clip, pts)
                                .as((i, c, at) -> new Edit.MoveFinding(i, new FrameRef(c, at)))),
                Tuple.of(
                        2,
                        Combinators.combine(id, Arbitraries.of(Weight.values()).optional())
                                .as(Edit.WeighFinding::new)),
                Tuple.of(3, RandomSizes.edit(clip, id)),
                Tuple.of(1, shot),
                Tuple.of(
                        2,
                        Combinators.combine(clip, id, text.filter(t -> !t.isBlank()), pts)
                                .as((c, i, room, at) -> new Edit.PlacePhoto(
                                        c,
                                        switch ((int) (at % 4)) {
                                            case 0 -> Optional.of(new PhotoPlace.AtStation(new Station(at - 30_000)));
                                            case 1 -> Optional.of(new PhotoPlace.OfFinding(i));
                                            case 2 -> Optional.of(new PhotoPlace.OfFixture(room));
                                            default -> Optional.empty();
                                        }))),
                Tuple.of(1, RandomLine.edit()),
                Tuple.of(6, RandomTalk.edit(clip, id, finding)),
                Tuple.of(
                        1,
                        Arbitraries.of("homeowner", "district")
                                .map(w -> new Edit.AcceptCheck(w, "date", Optional.of("it is on the tape")))),
                Tuple.of(2, id.map(Edit.RemoveFinding::new)));
    }

    /** Something that happened to what was handed over. */
    private static Arbitrary<Deed> deed() {
        return Arbitraries.integers().between(0, 5).map(n -> {
            String whom = n % 2 == 0 ? "homeowner" : "buyer";
            int issue = 1 + n / 4;
            return switch (n % 3) {
                case 0 ->
                    new Deed.Made(whom, issue, "2026-05-03T10:00:00Z", "R. Viewer", "x", n, n, "r", Map.of("a", "b"));
                case 1 -> new Deed.Sent(whom, issue, "2026-05-03T11:00:00Z", "R. Viewer", "a stick");
                default -> new Deed.TakenBack(whom, issue, "2026-05-03T12:00:00Z", "R. Viewer", "the wrong house");
            };
        });
    }

    public static Arbitrary<Entry> entry() {
        return Arbitraries.frequencyOf(
                Tuple.of(6, edit().map(Entry.Did::new)),
                Tuple.of(2, Arbitraries.just(new Entry.Undid())),
                Tuple.of(1, deed().map(Entry.Handed::new)),
                Tuple.of(1, Arbitraries.just(new Entry.Redid())));
    }
}
