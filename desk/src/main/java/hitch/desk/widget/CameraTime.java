package hitch.desk.widget;

import hitch.core.counter.Heading;
import hitch.core.footage.Clip;
import hitch.core.footage.ClockText;
import hitch.core.footage.FrameRef;
import hitch.core.measure.Station;
import hitch.core.survey.Survey;
import hitch.core.survey.Visits;
import hitch.core.survey.Way;
import java.util.List;

/** A time at which the camera stood somewhere, in words to choose it by. */
public record CameraTime(Clip clip, FrameRef frame, String words) {
    /** Every time at a station, on whichever pipe. */
    public static List<CameraTime> at(Survey survey, Station station) {
        return survey.line().ways().stream()
                .flatMap(w -> at(survey, w, station).stream())
                .toList();
    }

    /** Every time at a station of one pipe; a clip that was left out of the job is left out here. */
    public static List<CameraTime> at(Survey survey, Way way, Station station) {
        return Visits.at(survey.line().tied(), way.name(), station).stream()
                .flatMap(v ->
                        survey.clip(v.frame().clip()).stream().map(c -> new CameraTime(c, v.frame(), words(c, v, way))))
                .toList();
    }

    private static String words(Clip clip, Visits.Visit at, Way way) {
        String going = at.heading() == Heading.STILL
                ? "at rest"
                : "going " + at.heading().word();
        return clip.fileName() + " at "
                + ClockText.of(clip.secondsInto(at.frame().pts())) + ", " + going
                + (way.isBranch() ? ", in " + way.words() : "");
    }
}
