package hitch.core.story;

import hitch.core.disclosure.Disclosure;
import hitch.core.job.ShotChange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Chooses what of a story is told, so that it comes to a length: shots by their worth, then more words for those that are told, then longer or
 * shorter moves. Speech is never hurried.
 */
final class Fit {
    /** How much of a finding's footage is shown at least and at most, against what the house rules show. */
    private static final double LEAST_MOVE = 0.4;

    private static final double MOST_MOVE = 1.5;
    private static final double LEAST_TAIL = 0.3;
    private static final double MOST_TAIL = 2.6;
    /** Where moves stand that nothing has stretched: as the house rules show them. */
    private static final double USUAL = (1 - LEAST_MOVE) / (MOST_MOVE - LEAST_MOVE);

    private static final double USUAL_TAIL = 0.6;
    /** From here on a finding is told with all that can be said of it. */
    private static final int SERIOUS = 80;

    /** A chapter of tellings. */
    record Part(String title, List<Telling> tellings) {
        Part {
            tellings = List.copyOf(tellings);
        }
    }

    private final List<Part> parts;
    private final StoryWish wish;
    private final Disclosure may;
    private final Cutting.Footage footage;
    private final Cutting.Speech speech;
    private final Set<Telling> told = new HashSet<>();
    private final Set<Said> said = java.util.Collections.newSetFromMap(new java.util.IdentityHashMap<>());

    private Fit(List<Part> parts, StoryWish wish, Disclosure may) {
        this.parts = parts;
        this.wish = wish;
        this.may = may;
        this.speech = OwnVoices.over(wish.speech().reckonedOnce(), may);
        this.footage = s -> may.footage().around(s.frame(), s.before(), s.after());
    }

    /** The chapters as they are told, and the titles of what is not. */
    record Fitted(List<Chapter> chapters, List<String> left) {}

    static Fitted of(List<Part> parts, StoryWish wish, Disclosure may) {
        return new Fit(parts, wish, may).fitted();
    }

    private Fitted fitted() {
        double moves = USUAL;
        boolean timed = wish.length().seconds().isPresent();
        if (timed) {
            choose(wish.length().seconds().getAsDouble());
            moves = stretched(wish.length().seconds().getAsDouble());
        } else {
            all().stream().filter(t -> t.worth() >= wish.length().least()).forEach(t -> {
                told.add(t);
                int most = wish.length().least() == 0 || t.worth() >= SERIOUS ? Said.EXTRA : Said.MORE;
                t.said().stream().filter(s -> s.rank() <= most).forEach(said::add);
            });
        }
        List<Chapter> chapters = new ArrayList<>();
        List<String> left = new ArrayList<>();
        for (Part part : parts) {
            List<Shot> shots = new ArrayList<>();
            for (Telling t : part.tellings()) {
                if (told.contains(t)) {
                    shots.add(shot(t, moves, timed));
                } else {
                    left.add(t.shot().title());
                }
            }
            if (!shots.isEmpty()) {
                chapters.add(new Chapter(part.title(), shots));
            }
        }
        return new Fitted(chapters, left);
    }

    private List<Telling> all() {
        return parts.stream().flatMap(p -> p.tellings().stream()).toList();
    }

    /** What a person changed in a telling's shot. */
    private ShotChange change(Telling t) {
        return may.story().change(t.shot().key());
    }

    /** Takes what is worth most as long as there is time, at its shortest; then more words likewise. */
    private void choose(double target) {
        double spent = 0;
        List<Telling> byWorth = all().stream()
                .sorted(Comparator.comparingInt(Telling::worth).reversed())
                .toList();
        for (Telling t : byWorth) {
            List<Said> needed =
                    t.said().stream().filter(s -> s.rank() == Said.NEEDED).toList();
            said.addAll(needed);
            double takes = seconds(t, 0);
            // Whoever wrote words of their own wants them said.
            if (t.isNeeded() || change(t).narration().isPresent() || spent + takes <= target) {
                told.add(t);
                spent += takes;
            } else {
                needed.forEach(said::remove);
            }
        }
        for (int rank = Said.MORE; rank <= Said.EXTRA; rank++) {
            for (Telling t : byWorth) {
                if (!told.contains(t)) {
                    continue;
                }
                for (Said more : t.said()) {
                    double without = seconds(t, 0);
                    if (more.rank() == rank && said.add(more)) {
                        double takes = seconds(t, 0) - without;
                        if (spent + takes <= target) {
                            spent += takes;
                        } else {
                            said.remove(more);
                        }
                    }
                }
            }
        }
    }

    /** How far moves are stretched, 0 to 1, so that all of it comes to the length. */
    private double stretched(double target) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            double total = 0;
            for (Telling t : told) {
                total += seconds(t, middle);
            }
            if (total < target) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private double seconds(Telling t, double moves) {
        if (change(t).leftOut()) {
            return 0;
        }
        Shot shot = Changed.of(shot(t, moves, true), may);
        return Cutting.placed(shot, 0, speech.of(shot), footage).end();
    }

    private Shot shot(Telling t, double moves, boolean timed) {
        Shot saying = t.saying(said::contains);
        double tail = timed ? LEAST_TAIL + moves * (MOST_TAIL - LEAST_TAIL) : USUAL_TAIL;
        double share = LEAST_MOVE + moves * (MOST_MOVE - LEAST_MOVE);
        Shot shot = saying.standing(tail);
        return shot instanceof FindingShot f ? f.lasting(f.before() * share, f.after() * share) : shot;
    }
}
