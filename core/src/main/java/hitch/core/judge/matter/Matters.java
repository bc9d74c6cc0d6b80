package hitch.core.judge.matter;

import hitch.core.decide.Grouping;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.Weight;
import hitch.core.line.GroundMark.Surface;
import hitch.core.measure.Distance;
import hitch.core.measure.Extent;
import hitch.core.pipe.PipeSpan;
import hitch.core.survey.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Puts findings that ask for the same thing together: those of one theme, in one sort of pipe between two changes, on one side of
 * the boundary. What a finding brings about goes with it. What a person grouped stays grouped.
 */
public final class Matters {
    private static final Set<FindingKind> SOLIDS = EnumSet.of(
            FindingKind.SLUDGE, FindingKind.DEBRIS, FindingKind.GREASE, FindingKind.PAPER, FindingKind.WIPES);

    /** A stop this near to what closes the bore is because of it. */
    private static final Distance NEAR = Distance.feet(3);

    private final Case of;
    private final List<LocatedFinding> asking;

    private Matters(Case of) {
        this.of = of;
        this.asking = of.findings().stream().filter(f -> theme(f).isPresent()).toList();
    }

    /** Which findings go together. */
    private record Key(Theme theme, String branch, int span, boolean owners, int band, String grouping) {}

    /** The matters of a case, the heaviest first, then in order of station. */
    public static List<Matter> of(Case of) {
        return new Matters(of).all();
    }

    private List<Matter> all() {
        Map<FindingId, LocatedFinding> head = heads();
        Map<Key, List<LocatedFinding>> groups = new LinkedHashMap<>();
        Map<Key, List<LocatedFinding>> effects = new LinkedHashMap<>();
        for (LocatedFinding found : asking) {
            LocatedFinding cause = head.getOrDefault(found.finding().id(), found);
            Key key = key(cause);
            (cause == found ? groups : effects)
                    .computeIfAbsent(key, k -> new ArrayList<>())
                    .add(found);
        }
        List<Matter> matters = new ArrayList<>();
        groups.forEach((key, findings) -> matters.add(matter(key, findings, effects.getOrDefault(key, List.of()))));
        matters.sort(Comparator.comparing(Matter::weight, Comparator.reverseOrder())
                .thenComparing(Matter::branch)
                .thenComparing(
                        m -> m.extent().map(Extent::from).map(s -> s.mm()).orElse(Long.MIN_VALUE))
                .thenComparing(Matter::theme));
        return List.copyOf(matters);
    }

    /** What a finding asks for; empty where it asks for nothing. */
    private Optional<Theme> theme(LocatedFinding found) {
        return Theme.of(found).filter(t -> weight(found, t) != Weight.NOTED);
    }

    /** The finding that stands behind another one, over however many; only one that itself asks for something settles others. */
    private Map<FindingId, LocatedFinding> heads() {
        Map<FindingId, LocatedFinding> heads = new LinkedHashMap<>();
        for (LocatedFinding found : asking) {
            LocatedFinding at = found;
            for (int i = 0; i < asking.size(); i++) {
                Optional<LocatedFinding> next = of.causes()
                        .of(at.finding().id())
                        .flatMap(this::asking)
                        .or(at == found ? () -> stopping(found) : Optional::empty);
                if (next.isEmpty() || next.get() == found) {
                    break;
                }
                at = next.get();
            }
            if (at != found && isSettledBy(found, at)) {
                heads.put(found.finding().id(), at);
            }
        }
        return heads;
    }

    /** What closes the bore where the camera stopped: cleaning it out and looking again settles the stop too. */
    private Optional<LocatedFinding> stopping(LocatedFinding stop) {
        return stop.finding().kind() != FindingKind.LIMIT || stop.extent().isEmpty()
                ? Optional.empty()
                : asking.stream()
                        .filter(f -> f.weight() == Weight.STOP
                                && theme(f).filter(Theme::closesTheBore).isPresent()
                                && f.branch().equals(stop.branch()))
                        .filter(f -> f.extent()
                                .filter(e -> e.middle()
                                                .to(stop.extent().get().middle())
                                                .compareTo(NEAR)
                                        <= 0)
                                .isPresent())
                        .findFirst();
    }

    private Optional<LocatedFinding> asking(FindingId id) {
        return asking.stream().filter(f -> f.ids().contains(id)).findFirst();
    }

    /** What nobody is sure of settles nothing, and neither does what is only watched settle what asks for more. */
    private boolean isSettledBy(LocatedFinding effect, LocatedFinding cause) {
        return cause.finding().certainty().isTaken()
                && (weight(cause).compareTo(Weight.WATCH) > 0 || weight(effect).compareTo(Weight.WATCH) <= 0);
    }

    private Key key(LocatedFinding found) {
        Theme theme = theme(found).orElseThrow();
        Optional<Grouping> grouping = of.survey().decisions().groupings().stream()
                .filter(g -> found.ids().stream().anyMatch(g.findings()::contains))
                .findFirst();
        if (grouping.isPresent()) {
            int index = of.survey().decisions().groupings().indexOf(grouping.get());
            LocatedFinding first = asking.stream()
                    .filter(f -> f.ids().stream().anyMatch(grouping.get().findings()::contains))
                    .max(Comparator.comparing(this::weight))
                    .orElse(found);
            return new Key(theme(first).orElse(theme), first.branch(), index, of.isOwners(first), 0, "g" + index);
        }
        int band = found.finding().certainty().isTaken() ? 0 : 2;
        if (band == 0 && !theme.isCleanedTogether() && weight(found, theme).compareTo(Weight.WATCH) > 0) {
            band = 1;
        }
        return new Key(theme, found.branch(), span(found), of.isOwners(found), band, "");
    }

    /** Which span of its pipe a finding lies in. */
    private int span(LocatedFinding found) {
        List<PipeSpan> spans = of.line().way(found.branch()).map(Way::spans).orElse(List.of());
        return found.extent()
                .map(e -> {
                    for (int i = spans.size() - 1; i >= 0; i--) {
                        if (spans.get(i).extent().covers(e.middle())) {
                            return i;
                        }
                    }
                    return -1;
                })
                .orElse(-1);
    }

    private Weight weight(LocatedFinding found) {
        return weight(found, theme(found).orElseThrow());
    }

    /** A sag weighs one more under a slab or with solids in it; else each finding as the rules weigh it, and never less than its theme. */
    private Weight weight(LocatedFinding found, Theme theme) {
        Weight weight = found.weight().compareTo(theme.least()) < 0
                        && found.finding().weightSet().isEmpty()
                ? theme.least()
                : found.weight();
        boolean sag = theme == Theme.WATER && found.finding().certainty().isTaken() && weight == Weight.WATCH;
        return sag && found.extent().filter(e -> weighsMore(found, e)).isPresent() ? Weight.TEND : weight;
    }

    private boolean weighsMore(LocatedFinding found, Extent extent) {
        return of.isUnder(found.branch(), extent, Surface.SLAB, Surface.BUILDING)
                || of.on(found.branch(), extent, SOLIDS).stream()
                        .anyMatch(f -> f.finding().certainty().isTaken());
    }

    private String because(LocatedFinding worst, Theme theme) {
        if (worst.weight() == Weight.NOTED) {
            return theme.why();
        }
        return weight(worst, theme) == worst.weight()
                ? worst.because()
                : worst.because() + "; more, for it lies under the building or holds solids";
    }

    private Matter matter(Key key, List<LocatedFinding> findings, List<LocatedFinding> effects) {
        Optional<Extent> extent =
                findings.stream().flatMap(f -> f.extent().stream()).reduce(Extent::joined);
        Weight heaviest = java.util.stream.Stream.concat(findings.stream(), effects.stream())
                .map(this::weight)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        String name = key.grouping().isEmpty()
                ? ""
                : of.survey().decisions().groupings().get(key.span()).name();
        List<LocatedFinding> ordered = findings.stream()
                .sorted(Comparator.comparing(
                        f -> f.extent().map(Extent::from).map(s -> s.mm()).orElse(Long.MAX_VALUE)))
                .toList();
        LocatedFinding worst =
                findings.stream().max(Comparator.comparing(this::weight)).orElseThrow();
        return new Matter(
                key.theme(),
                name,
                key.branch(),
                extent,
                key.owners(),
                ordered,
                effects,
                heaviest,
                because(worst, key.theme()));
    }
}
