package hitch.core.propose;

import hitch.core.pipe.Opening;
import hitch.core.run.Direction;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which way a run went, by all that tells of it: what was said of the way goes before what the water did, that before what it came to in the
 * end, that before the tie-ins of another run, and those before the opening. What speaks against the first is a doubt.
 *
 * @param way which way; empty where nothing tells
 * @param reasons why, a sentence each
 * @param doubts what is not sure
 */
record WaySought(Optional<Direction> way, List<String> reasons, List<String> doubts) {
    /** What is said near the farthest point is said of the end, share of the cable that was out at most. */
    private static final double AT_THE_END = 0.85;
    /** A run that hardly left its opening comes to nothing, feet. */
    private static final double A_RUN = 8;

    private record Told(Direction way, String reason, boolean doubtful) {}

    static WaySought of(List<ClipClues> clips, Opening opening, List<KnownRun> before) {
        List<SaidSentence> said = clips.stream().flatMap(c -> c.said().stream()).toList();
        List<Told> told = new ArrayList<>();
        bySaying(said, before).ifPresent(told::add);
        byWater(said).ifPresent(told::add);
        byEnd(clips).ifPresent(told::add);
        byTieIns(clips, before).ifPresent(told::add);
        if (told.isEmpty() && opening.sort().isAnEnd()) {
            told.add(new Told(Direction.WITH_FLOW, "a " + opening.sort().word() + " leads one way only.", false));
        }
        if (told.isEmpty()) {
            return new WaySought(Optional.empty(), List.of(), List.of());
        }
        Told first = told.getFirst();
        List<String> doubts = new ArrayList<>();
        told.stream()
                .filter(t -> t.way() != first.way())
                .forEach(t -> doubts.add("It may have gone " + t.way().toward() + ": " + t.reason()));
        if (first.doubtful()) {
            doubts.add("Only " + first.reason());
        }
        String reason = capital(first.way().toward()) + ": " + first.reason();
        return new WaySought(Optional.of(first.way()), List.of(reason), doubts);
    }

    private static Optional<Told> bySaying(List<SaidSentence> said, List<KnownRun> before) {
        return WaySaid.of(said)
                .flatMap(w -> (w.other()
                                ? before.stream()
                                        .reduce((a, b) -> b)
                                        .map(r -> r.run().direction().other())
                                : w.way())
                        .map(way -> new Told(way, w.said().quoted(), false)));
    }

    private static Optional<Told> byWater(List<SaidSentence> said) {
        for (SaidSentence sentence : said) {
            boolean with = Clues.says("waterwith", sentence);
            if (with != Clues.says("wateragainst", sentence)) {
                Direction way = with ? Direction.WITH_FLOW : Direction.AGAINST_FLOW;
                return Optional.of(new Told(way, "by the water, " + sentence.quoted(), false));
            }
        }
        return Optional.empty();
    }

    /** Pipes run through under buildings: one that came to a building may go on to the street. */
    private static Optional<Told> byEnd(List<ClipClues> clips) {
        double farthest = clips.stream().mapToDouble(ClipClues::most).max().orElse(0);
        if (farthest < A_RUN) {
            return Optional.empty();
        }
        for (ClipClues clip : clips) {
            for (SaidSentence sentence : clip.said()) {
                boolean end = clip.cableAt(sentence.seconds()).orElse(0) >= AT_THE_END * farthest;
                boolean street = end && Clues.says("endmain", sentence);
                if (end && street != Clues.says("endhouse", sentence)) {
                    Direction way = street ? Direction.WITH_FLOW : Direction.AGAINST_FLOW;
                    return Optional.of(new Told(way, "by where it came to, " + sentence.quoted(), !street));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Told> byTieIns(List<ClipClues> clips, List<KnownRun> before) {
        List<Passed> passed = clips.stream().flatMap(c -> c.passed().stream()).toList();
        return WayByTieIns.of(passed, before)
                .map(t -> new Told(
                        t.way(),
                        String.format(
                                Locale.ROOT,
                                "by %d tie-ins of %s, which are here %s.",
                                t.alike(),
                                t.by().run().name(),
                                t.turned() ? "in the other order and on the other side" : "as they are there"),
                        t.alike() == 2));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
