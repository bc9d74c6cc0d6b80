package hitch.core.survey;

import hitch.core.counter.CounterTrace;
import hitch.core.counter.Heading;
import hitch.core.detail.Detail;
import hitch.core.detail.State;
import hitch.core.finding.Cleanable;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import hitch.core.finding.Lasting;
import hitch.core.finding.Movable;
import hitch.core.finding.Sighting;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Extent;
import hitch.core.run.Phase;
import hitch.core.run.Run;
import hitch.core.run.RunId;
import hitch.core.survey.align.Tied;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Tells what of the findings is there for good and what belonged to its moment: water that had drained on the way back
 * is no sag, and what a cleaning took is not there now.
 */
public final class WhatLasts {
    private static final Pattern DRAINED = Pattern.compile(
            "\\b(?:drained|drains (?:away|off|out|down)|dry (?:now|on the way back|coming back)|gone (?:now|on the way back|coming back)"
                    + "|only running|just running|was running|running water)\\b");
    private static final Pattern STANDS = Pattern.compile("\\b(?:still (?:there|stands?|standing|holding)"
            + "|after (?:it |the water )?(?:could )?drain(?:ed|ing)?|waited|stood (?:still|there))\\b");

    /** One pass of one run. */
    private record Passing(RunId run, Heading heading) {}

    private final Tied tied;

    public WhatLasts(Tied tied) {
        this.tied = tied;
    }

    /**
     * @param finding with all its sightings
     * @param phase whether it was seen before or after a cleaning
     * @param branch the pipe it lies on
     */
    public Lasting of(Finding finding, Phase phase, String branch, Optional<Extent> extent) {
        Optional<State> state = finding.traits().details().get(Detail.STATE).filter(State::isOfTheMoment);
        if (state.isPresent()) {
            return said(state.get());
        }
        String words = words(finding);
        if (isWater(finding.kind())) {
            return water(finding, words);
        }
        // Where the camera was stopped it may have passed once the pipe was cleaned.
        boolean goes = Cleanable.is(finding.kind()) || finding.kind() == FindingKind.LIMIT;
        if (goes
                && phase != Phase.AFTER
                && phase != Phase.BEYOND
                && extent.isPresent()
                && seenAfter(branch, extent.get())) {
            return Lasting.CLEANED_SINCE;
        }
        if (Movable.is(finding.kind())) {
            return Movable.saysBroken(words)
                    ? Lasting.BROKEN_BY_THE_CAMERA
                    : Movable.saysMoved(words) ? Lasting.MOVED : Lasting.LASTS;
        }
        return Lasting.LASTS;
    }

    private static Lasting said(State state) {
        return switch (state) {
            case STILL_STANDING -> Lasting.STANDS;
            case DRAINED -> Lasting.DRAINED;
            case MOVED -> Lasting.MOVED;
            case CLEARED -> Lasting.BROKEN_BY_THE_CAMERA;
            case CAUSED -> Lasting.OURS;
            default -> Lasting.LASTS;
        };
    }

    private static boolean isWater(FindingKind kind) {
        return kind == FindingKind.STANDING_WATER;
    }

    private Lasting water(Finding finding, String words) {
        if (STANDS.matcher(words).find()) {
            return Lasting.STANDS;
        }
        if (DRAINED.matcher(words).find()) {
            return Lasting.DRAINED;
        }
        Set<Passing> passes = new HashSet<>();
        passing(finding.frame(), passes);
        finding.sightings().forEach(s -> passing(s.frame(), passes));
        return passes.size() > 1 ? Lasting.STANDS : Lasting.NOT_WAITED;
    }

    private void passing(FrameRef frame, Set<Passing> passes) {
        CounterTrace trace = tied.traces().get(frame.clip());
        tied.runs().stream()
                .filter(r -> trace != null && r.clips().contains(frame.clip()))
                .findFirst()
                .ifPresent(r -> passes.add(new Passing(r.id(), trace.passHeadingAt(frame.pts()))));
    }

    private boolean seenAfter(String branch, Extent extent) {
        return tied.runs().stream().anyMatch(r -> r.phase() == Phase.AFTER)
                && Visits.at(tied, branch, extent.middle()).stream().anyMatch(v -> isAfter(v.frame()));
    }

    private boolean isAfter(FrameRef frame) {
        return tied.runs().stream()
                .filter(r -> r.clips().contains(frame.clip()))
                .anyMatch(r -> r.phase() == Phase.AFTER);
    }

    private static String words(Finding finding) {
        StringBuilder words = new StringBuilder(finding.wording());
        for (Sighting sighting : finding.sightings()) {
            words.append(". ").append(sighting.wording());
        }
        return words.toString().toLowerCase(Locale.ROOT);
    }

    /** The phase that a finding says of itself, else its run's. */
    public static Phase phase(Finding finding, List<Run> runs) {
        Phase said = finding.traits()
                .details()
                .get(Detail.PHASE)
                .orElseGet(() -> Phase.saidIn(finding.wording() + " " + finding.remark()));
        return said != Phase.NOT_SAID
                ? said
                : runs.stream()
                        .filter(r -> r.clips().contains(finding.frame().clip()))
                        .findFirst()
                        .map(Run::phase)
                        .orElse(Phase.NOT_SAID);
    }
}
