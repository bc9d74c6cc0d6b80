package hitch.desk.pair;

import hitch.core.judge.Judgement;
import hitch.core.judge.visit.Compared;
import hitch.core.measure.Distance;
import hitch.core.measure.Station;
import hitch.core.survey.ClipPass;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.store.EarlierJob;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What can be laid on one side of a pair. */
sealed interface Beside {
    /** So near to a place a still of an earlier visit, whose counter was another, still shows it. */
    Distance NEAR = Distance.feet(2.5);

    String words();

    /** A pass of the camera over this job's footage. */
    record Pass(ClipPass pass, String words) implements Beside {}

    /** The stills that were kept of an earlier visit, by where they lie on the line of today. */
    record Visit(String words, List<Kept> stills) implements Beside {
        /** The still nearest to a place; empty where none is near. */
        Optional<Kept> at(Station place) {
            return stills.stream()
                    .filter(k -> k.from(place) <= NEAR.mm())
                    .min(Comparator.comparingLong(k -> k.from(place)));
        }
    }

    /**
     * A still of an earlier visit.
     *
     * @param station its place, by today's stationing
     * @param words what was told of it
     */
    record Kept(Station station, String words, Path file) {
        private long from(Station place) {
            return Math.abs(station.to(place).mm());
        }
    }

    /** Everything that was filmed of the pipe: each pass of the camera, then each earlier visit of which stills were kept. */
    static List<Beside> all(Context desk) {
        Survey survey = desk.work().now().survey();
        List<Beside> all = new ArrayList<>();
        ClipPass.of(survey).forEach(p -> all.add(new Pass(p, p.words(survey))));
        Judgement judged = desk.work().now().judged();
        judged.beside().stream()
                .filter(b -> !b.visit().id().equals(Compared.CLEANING))
                .forEach(b -> {
                    List<Kept> stills = stills(b, desk.work().folder().folder());
                    if (!stills.isEmpty()) {
                        String when = b.visit().when();
                        all.add(new Visit("earlier visit" + (when.isBlank() ? "" : ", " + when), stills));
                    }
                });
        return all;
    }

    private static List<Kept> stills(Compared beside, Path job) {
        return beside.visit().found().stream()
                .map(t -> new Kept(
                        t.extent().movedBy(beside.shift()).middle(),
                        t.words(),
                        EarlierJob.still(job, beside.visit().id(), t.finding())))
                .filter(k -> Files.isRegularFile(k.file()))
                .toList();
    }
}
