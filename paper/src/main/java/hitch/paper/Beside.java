package hitch.paper;

import hitch.core.parcel.FilmTimes;
import hitch.core.sketch.FilmMap;
import hitch.core.story.Cutting;
import java.util.List;
import java.util.Optional;

/**
 * What lies beside a report, or is drawn in it.
 *
 * @param video file name of the film; blank for none
 * @param times where in it what is told
 * @param captions of it
 * @param line the line drawn to scale; empty where this recipient may not see all of it
 * @param files other files that a page leads to
 */
public record Beside(
        String video, FilmTimes times, List<Cutting.Caption> captions, Optional<FilmMap> line, List<String> files) {
    public static final Beside NOTHING = new Beside("", FilmTimes.NONE, List.of(), Optional.empty(), List.of());

    public Beside {
        captions = List.copyOf(captions);
        files = List.copyOf(files);
    }
}
