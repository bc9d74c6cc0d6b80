package hitch.sim;

import hitch.media.MediaException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is true of a take, five times a second.
 *
 * @param clip file name of the take
 * @param moments in order of time
 */
public record Truth(String clip, List<Moment> moments) {
    private static final double STEP = 0.2;
    private static final double SEES = 3;

    /**
     * The truth at a second.
     *
     * @param t seconds into the take
     * @param stationFt true station, feet, with the flow positive
     * @param readingFt what the counter shows, feet
     * @param pass {@code out}, {@code back} or {@code still}
     * @param visible features ahead of the lens within three feet, as kind and station
     */
    public record Moment(double t, double stationFt, double readingFt, String pass, List<String> visible) {}

    static Truth of(Scenario scenario, Scenario.Take take) {
        List<Moment> moments = new ArrayList<>();
        CameraPath path = new CameraPath(scenario, take);
        for (int i = 0; i * STEP <= take.seconds() + 1e-9; i++) {
            double t = i * STEP;
            if (take.aboveGround()) {
                moments.add(new Moment(round(t), 0, 0, "still", List.of()));
                continue;
            }
            double cable = path.cable(t);
            double speed = path.speed(t);
            double station = take.sign() * cable;
            List<String> visible = scenario.features().stream()
                    .filter(f -> sees(f, station, take.sign()))
                    .map(f -> f.kind() + " " + f.at())
                    .toList();
            String pass = Math.abs(speed) < 0.04 ? "still" : speed > 0 ? "out" : "back";
            moments.add(new Moment(round(t), round(station), Math.round(cable * 10) / 10.0, pass, visible));
        }
        return new Truth(take.file(), moments);
    }

    private static boolean sees(Scenario.Feature feature, double station, int sign) {
        double end = feature.to() == 0 ? feature.at() : feature.to();
        double from = Math.min((feature.at() - station) * sign, (end - station) * sign);
        double to = Math.max((feature.at() - station) * sign, (end - station) * sign);
        return to >= 0 && from <= SEES;
    }

    private static double round(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    void write(Path file) throws MediaException {
        try {
            Files.writeString(file, JsonMapper.shared().writeValueAsString(this));
        } catch (IOException e) {
            throw new MediaException("The truth could not be written to " + file + ": " + e.getMessage(), e);
        }
    }
}
