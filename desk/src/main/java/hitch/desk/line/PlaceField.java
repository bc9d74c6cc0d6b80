package hitch.desk.line;

import hitch.core.finding.LocatedFinding;
import hitch.core.job.Edit;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.measure.StationText;
import hitch.core.survey.Survey;
import hitch.desk.Context;
import hitch.desk.widget.Fields;
import java.util.Optional;
import javafx.scene.control.TextField;

/** The station of a finding as a number that can be put right. */
final class PlaceField {
    private static final double WIDTH = 72;

    private PlaceField() {}

    /**
     * @param name what the field is called by those who do not see it
     * @param at the station it shows, read from the place the job reads from; which way it lies stands beside the field,
     *     and what is typed without a word lies that way
     */
    static TextField of(Context desk, String name, LocatedFinding found, Station at) {
        Survey survey = desk.work().now().survey();
        Station read = survey.line().stationing().read(at);
        String number = survey.facts().unit().number(read.fromDatum());
        return Fields.text(name, number, WIDTH, typed -> move(desk, found, read, typed));
    }

    private static void move(Context desk, LocatedFinding found, Station was, String typed) {
        Survey survey = desk.work().now().survey();
        LengthUnit unit = survey.facts().unit();
        Optional<Station> read = StationText.read(typed, unit, was);
        if (read.isEmpty()) {
            desk.work()
                    .notices()
                    .say("\"" + typed + "\" is not a distance; "
                            + found.finding().kind().word() + " "
                            + found.finding().id() + " stays where it was.");
            return;
        }
        Station at = survey.line().stationing().meant(read.get());
        // What is typed is kept as it lies on its run before the fit moves that.
        long moved = survey.line().tied().movedMm(found.finding().frame().clip());
        desk.work()
                .now()
                .job()
                .finding(found.finding().id())
                .ifPresent(f -> desk.work()
                        .apply(new Edit.AmendFinding(
                                f.id(), f.typedAt(Extent.at(at).movedBy(-moved)))));
    }
}
