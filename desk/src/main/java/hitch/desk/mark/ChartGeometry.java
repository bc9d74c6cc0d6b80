package hitch.desk.mark;

import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where things stand on the there-and-back chart: footage time across, clip after clip with a gap between, station down.
 *
 * @param left where the first clip begins, pixels
 * @param width room for all clips, pixels
 * @param top where the lowest station lies, pixels
 * @param height room for all stations, pixels
 * @param stations the stations shown
 * @param lanes the clips in order with where each begins and how wide it is
 */
record ChartGeometry(double left, double width, double top, double height, Extent stations, List<Lane> lanes) {
    static final double GAP = 10;

    /** A clip's stretch of the chart. */
    record Lane(Clip clip, double x, double width) {}

    /** A place in footage under a point of the chart. */
    record At(Clip clip, double seconds) {}

    /** The whole of the clips and stations in a rectangle. */
    static ChartGeometry of(List<Clip> clips, Extent stations, double left, double width, double top, double height) {
        return of(clips, stations, ChartView.ALL, left, width, top, height);
    }

    /** The part of the clips and stations that {@code view} shows, filling a rectangle; lanes may reach beyond it. */
    static ChartGeometry of(
            List<Clip> clips, Extent stations, ChartView view, double left, double width, double top, double height) {
        double whole = width / view.share();
        ChartGeometry all = whole(clips, shown(stations, view), left - view.from() * whole, whole, top, height);
        return new ChartGeometry(left, width, top, height, all.stations(), all.lanes());
    }

    private static Extent shown(Extent stations, ChartView view) {
        double length = stations.length().mm();
        return new Extent(
                new Station(Math.round(stations.from().mm() + length * view.low())),
                new Station(Math.round(stations.from().mm() + length * (view.low() + view.depth()))));
    }

    private static ChartGeometry whole(
            List<Clip> clips, Extent stations, double left, double width, double top, double height) {
        double total = clips.stream().mapToDouble(Clip::seconds).sum();
        double room = Math.max(1, width - GAP * Math.max(0, clips.size() - 1));
        List<Lane> lanes = new ArrayList<>();
        double x = left;
        for (Clip clip : clips) {
            double wide = total == 0 ? 0 : room * clip.seconds() / total;
            lanes.add(new Lane(clip, x, wide));
            x += wide + GAP;
        }
        return new ChartGeometry(left, width, top, height, stations, List.copyOf(lanes));
    }

    double y(double stationMm) {
        double length = Math.max(1, stations.length().mm());
        return top + (stationMm - stations.from().mm()) / length * height;
    }

    Optional<Double> x(ClipId id, long pts) {
        return lanes.stream()
                .filter(l -> l.clip().id().equals(id))
                .findFirst()
                .map(l ->
                        l.x() + l.width() * l.clip().secondsInto(pts) / l.clip().seconds());
    }

    /** The footage under {@code x}; a point in a gap means the nearer clip's end. */
    Optional<At> at(double x) {
        At best = null;
        double nearest = Double.POSITIVE_INFINITY;
        for (Lane lane : lanes) {
            double inside = Math.clamp(x, lane.x(), lane.x() + lane.width());
            if (Math.abs(inside - x) < nearest) {
                nearest = Math.abs(inside - x);
                best = new At(
                        lane.clip(),
                        (inside - lane.x())
                                / Math.max(1e-9, lane.width())
                                * lane.clip().seconds());
            }
        }
        return Optional.ofNullable(best);
    }

    Station station(double y) {
        double share = Math.clamp((y - top) / height, 0, 1);
        return new Station(
                stations.from().mm() + Math.round(share * stations.length().mm()));
    }
}
