package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.footage.Clip;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.ClipRims;
import hitch.core.gauge.JointTrail.Look;
import hitch.core.gauge.RimGrowth;
import hitch.core.gauge.RimLook;
import hitch.core.measure.Distance;
import hitch.core.measure.LengthUnit;
import hitch.core.pipe.PipeSize;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the rims along a clip tell of its pipe and its lens, beside the counter: the bore where nobody said it, else the lens where
 * nobody said that. Both are proposals.
 *
 * @param bore to be taken; empty where it is known, or the rims do not tell
 * @param lens degrees to be taken, likewise
 * @param words what they tell, in a sentence; blank where they tell nothing
 */
public record RimsTell(Optional<PipeSize> bore, Optional<Integer> lens, String words) {
    public static final RimsTell NOTHING = new RimsTell(Optional.empty(), Optional.empty(), "");

    /** Bores that pipe is made in. */
    private static final List<PipeSize> INCHES = List.of(2, 3, 4, 5, 6, 8, 10, 12, 15, 18, 24).stream()
            .map(PipeSize::inches)
            .toList();

    private static final List<PipeSize> METRIC = List.of(50, 75, 100, 125, 150, 200, 225, 250, 300, 400, 500).stream()
            .map(mm -> new PipeSize(new Distance(mm)))
            .toList();
    /** What is seen is a made bore where it is off by no more than this share. */
    private static final double MADE = 0.1;

    /** What a clip tells as its counter is understood now. */
    public static RimsTell of(Survey survey, Clip clip, ClipRims rims) {
        CounterTrace trace = survey.traces().get(clip.id());
        if (trace == null || survey.runOf(clip.id()).isEmpty()) {
            return NOTHING;
        }
        FrameRef first = new FrameRef(clip.id(), clip.firstPts());
        Optional<PipeSize> bore = PipeHere.bore(survey, first);
        List<Look> looks = new ArrayList<>();
        for (RimLook look : rims.looks()) {
            OptionalDouble cable = trace.cableAt(look.pts());
            boolean same =
                    PipeHere.bore(survey, new FrameRef(clip.id(), look.pts())).equals(bore);
            if (cable.isPresent() && same) {
                looks.add(new Look(cable.getAsDouble(), look.rims()));
            }
        }
        Optional<Integer> told = PipeHere.gear(survey, first).lens();
        if (bore.isEmpty()) {
            return boreOf(looks, survey.facts().unit(), rims.degrees(), told);
        }
        if (told.isPresent()) {
            return NOTHING;
        }
        return RimGrowth.lens(looks, rims.degrees(), bore.get().bore().mm())
                .filter(RimGrowth.LensSeen::sure)
                .map(l -> new RimsTell(
                        Optional.empty(),
                        Optional.of((int) Math.round(l.degrees())),
                        String.format(
                                Locale.ROOT,
                                "By the rims of its joints and the counter, this lens sees %.0f° from left to right,"
                                        + " give or take %.0f.",
                                l.degrees(),
                                l.error())))
                .orElse(NOTHING);
    }

    private static RimsTell boreOf(List<Look> looks, LengthUnit unit, double degrees, Optional<Integer> told) {
        List<Look> through = told.map(t -> RimGrowth.through(looks, degrees, t)).orElse(looks);
        return RimGrowth.of(through)
                .filter(RimGrowth::sure)
                .flatMap(g -> made(g, unit)
                        .map(size -> new RimsTell(
                                Optional.of(size),
                                Optional.empty(),
                                "By how fast its rims come nearer, this pipe is "
                                        + (unit == LengthUnit.METRES
                                                ? String.format(
                                                        Locale.ROOT,
                                                        "%.0f mm wide, give or take %.0f",
                                                        2 * g.radiusMm(),
                                                        2 * g.error())
                                                : String.format(
                                                        Locale.ROOT,
                                                        "%.1f in wide, give or take %.1f",
                                                        2 * g.radiusMm() / Distance.MM_PER_INCH,
                                                        2 * g.error() / Distance.MM_PER_INCH))
                                        + (told.isEmpty() ? ", if its lens is a usual one." : "."))))
                .orElse(NOTHING);
    }

    /** The bore that pipe is made in next to what was seen. */
    public static Optional<PipeSize> made(RimGrowth seen, LengthUnit unit) {
        double mm = 2 * seen.radiusMm();
        return (unit == LengthUnit.METRES ? METRIC : INCHES)
                .stream()
                        .min(Comparator.comparingDouble(
                                s -> Math.abs(Math.log(s.bore().mm() / mm))))
                        .filter(s -> Math.abs(s.bore().mm() / mm - 1) <= MADE);
    }
}
