package hitch.bench;

import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import hitch.core.note.NoteReader;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.core.talk.Whereabouts;
import hitch.sim.DemoJob;
import hitch.sim.film.SpokenTake;
import hitch.sim.scene.Kind;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.Take;
import hitch.sim.scene.Thing;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** The demo's commentary, read into drafts and held against what the simulated pipe has in it. */
public final class TalkTable {
    /** A speaker looks ahead of the lens by up to this much. */
    private static final double REACH_FT = 3;

    private static final Map<Kind, FindingKind> KINDS = Map.of(
            Kind.ROOTS, FindingKind.ROOTS,
            Kind.OFFSET, FindingKind.OFFSET,
            Kind.SAG, FindingKind.STANDING_WATER,
            Kind.TIE_IN, FindingKind.TIE_IN,
            Kind.CRACK, FindingKind.CRACK,
            Kind.SCALE, FindingKind.SCALE,
            Kind.GREASE, FindingKind.GREASE,
            Kind.DEBRIS, FindingKind.DEBRIS);

    /**
     * Something the pipe truly has.
     *
     * @param from station, feet, with the flow positive; {@code to} its far end, equal for a point
     */
    private record True(FindingKind kind, double from, double to) {}

    /**
     * @param known things the simulator has in the pipe
     * @param found those that the commentary was read to tell of
     * @param drafts drafts of the kinds the simulator knows
     * @param right those of them with a true thing of their kind there
     */
    public record Outcome(int known, int found, int drafts, int right) {
        public double recall() {
            return (double) found / known;
        }

        public double precision() {
            return (double) right / drafts;
        }
    }

    private TalkTable() {}

    public static Outcome demo(NoteReader reader, Consumer<String> say) {
        Scenario scenario = DemoJob.FIRST.scenario();
        List<True> truth = truth(scenario);
        Set<True> found = new HashSet<>();
        int drafts = 0;
        int right = 0;
        for (Take take : scenario.clips()) {
            Whereabouts where = SpokenTake.where(scenario, take);
            Spoken.All all = new TalkReader(reader, LengthUnit.FEET).read(SpokenTake.cues(take));
            for (Spoken spoken : all.drafts()) {
                Optional<Double> at = place(spoken, where).map(d -> d * take.sign());
                boolean known =
                        truth.stream().anyMatch(t -> t.kind() == spoken.draft().matter());
                if (!known || at.isEmpty() || spoken.draft().certainty() == Certainty.RULED_OUT) {
                    continue;
                }
                List<True> meant = truth.stream()
                        .filter(t -> t.kind() == spoken.draft().matter())
                        .filter(t -> at.get() >= t.from() - REACH_FT && at.get() <= t.to() + REACH_FT)
                        .toList();
                drafts++;
                right += meant.isEmpty() ? 0 : 1;
                found.addAll(meant);
                say.accept(String.format(
                        Locale.ROOT,
                        "%-20s %5.1f s  %-16s %6.1f ft  %s",
                        take.file(),
                        spoken.seconds(),
                        spoken.draft().matter().word(),
                        at.get(),
                        meant.isEmpty() ? "nothing of the kind there" : "true"));
            }
        }
        truth.stream()
                .filter(t -> !found.contains(t))
                .forEach(t -> say.accept(String.format(
                        Locale.ROOT, "not told of: %s at %.1f ft", t.kind().word(), t.from())));
        return new Outcome(truth.size(), found.size(), drafts, right);
    }

    private static Optional<Double> place(Spoken spoken, Whereabouts where) {
        return spoken.place(where.cableAt(spoken.seconds()))
                .map(Draft.Place::from)
                .map(Distance::inFeet);
    }

    private static List<True> truth(Scenario scenario) {
        List<True> truth = new ArrayList<>();
        for (Thing thing : scenario.things()) {
            FindingKind kind = KINDS.get(thing.kind());
            if (kind != null) {
                truth.add(new True(kind, thing.at(), thing.to()));
            }
        }
        List<Scenario.Pipe> pipes = scenario.pipes();
        for (int i = 1; i < pipes.size(); i++) {
            boolean material = pipes.get(i).material() != pipes.get(i - 1).material();
            truth.add(new True(
                    material ? FindingKind.MATERIAL_CHANGE : FindingKind.SIZE_CHANGE,
                    pipes.get(i).from(),
                    pipes.get(i).from()));
        }
        double main = pipes.getLast().to();
        truth.add(new True(FindingKind.MAIN_CONNECTION, main, main));
        return truth;
    }
}
