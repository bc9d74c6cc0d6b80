package hitch.sim.scene;

import java.util.List;

/**
 * One recording.
 *
 * @param file its file name
 * @param started when it was started, ISO local time
 * @param run name of the run; empty above ground
 * @param toward {@code main} or {@code building}; empty above ground
 * @param branch name of the branch it was recorded in; empty on the line
 * @param phase {@code before} or {@code after} a cleaning; empty if there was none
 * @param path where the head is: seconds and feet of cable, eased between; more than the pipe is long goes up the main
 * @param does what happens meanwhile
 * @param says what the technician says and when
 * @param notes what a reviewer notes at which second; used to make the demo job
 */
public record Take(
        String file,
        String started,
        String run,
        String toward,
        String branch,
        String phase,
        List<Stand> path,
        List<Deed> does,
        List<Line> says,
        List<Line> notes) {
    public Take {
        if (path == null || path.size() < 2) {
            throw new IllegalArgumentException(
                    "a take needs a path of two places at least, such as path: [{t: 0, ft: 0}, {t: 20, ft: 12}]");
        }
        for (int i = 1; i < path.size(); i++) {
            if (path.get(i).t() <= path.get(i - 1).t()) {
                throw new IllegalArgumentException(
                        "the path goes back in time at t: " + path.get(i).t());
            }
        }
        path = List.copyOf(path);
        does = does == null ? List.of() : List.copyOf(does);
        says = says == null ? List.of() : List.copyOf(says);
        notes = notes == null ? List.of() : List.copyOf(notes);
        run = run == null ? "" : run;
        branch = branch == null ? "" : branch;
        phase = phase == null ? "" : phase;
        if (!List.of("", "before", "after").contains(phase)) {
            throw new IllegalArgumentException("phase is before or after the cleaning, not " + phase);
        }
        toward = toward == null ? "" : toward;
        if (!List.of("", "main", "building").contains(toward)) {
            throw new IllegalArgumentException("a take goes toward: main, or toward: building, not " + toward);
        }
    }

    /** A take on the line, where nothing was cleaned. */
    public Take(
            String file,
            String started,
            String run,
            String toward,
            List<Stand> path,
            List<Deed> does,
            List<Line> says,
            List<Line> notes) {
        this(file, started, run, toward, "", "", path, does, says, notes);
    }

    /** The head has {@code ft} feet of cable behind it at second {@code t}. */
    public record Stand(double t, double ft) {}

    /** Words at a second of a take. */
    public record Line(double t, String text) {}

    public boolean aboveGround() {
        return toward.isBlank();
    }

    /** +1 toward the main, -1 toward the building. */
    public int sign() {
        return toward.equals("building") ? -1 : 1;
    }

    public double seconds() {
        return path.getLast().t();
    }

    /** How strongly something is at work at a second: it rises and falls within a second where it begins and is over. */
    public double at(Act act, double t) {
        double most = 0;
        for (Deed deed : does) {
            if (deed.what() == act) {
                double edge = Math.min(1, Math.min(t - deed.t(), deed.to() - t));
                most = Math.max(most, deed.amount() * Math.max(0, edge));
            }
        }
        return most;
    }

    /** What something has come to at a second, when it goes from one value to the next and stays there. */
    public double reached(Act act, double t, double start) {
        double value = start;
        for (Deed deed : does) {
            if (deed.what() == act && t >= deed.t()) {
                double share = Double.isInfinite(deed.to()) || deed.to() <= deed.t()
                        ? 1
                        : Math.min(1, (t - deed.t()) / (deed.to() - deed.t()));
                value += (deed.amount() - value) * share * share * (3 - 2 * share);
            }
        }
        return value;
    }
}
