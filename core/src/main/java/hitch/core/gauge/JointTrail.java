package hitch.core.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The joints along a run. Each is seen on many pictures while the camera comes nearer, each time so far ahead of where the camera
 * is: what those sightings agree on is where it lies. Lengths are millimetres along the cable.
 */
public final class JointTrail {
    /** Rims are seen well between so many radii ahead. */
    static final double NEAREST = 1.9;

    static final double FARTHEST = 7;
    /** Sightings agree within so much, radii, and a share of how far ahead they were seen. */
    private static final double AGREE = 0.3;

    private static final double AGREE_SHARE = 0.04;
    /** A joint is seen on so large a share of the pictures that it lies before, and on so many. */
    private static final double SEEN = 0.45;

    private static final int OFTEN = 3;
    /** No length of pipe is shorter than this many radii. */
    private static final double SHORTEST = 4;

    private JointTrail() {}

    /**
     * A picture of the run.
     *
     * @param at where the camera's head was, millimetres of cable
     * @param rims how far ahead rings were seen, millimetres, with how sure each is
     */
    public record Look(double at, List<Rim> rims) {
        public Look {
            rims = List.copyOf(rims);
        }

        /** The same of rims that were told in radii of the bore. */
        public Look inMillimetres(double radius) {
            return new Look(
                    at,
                    rims.stream()
                            .map(r -> new Rim(r.ahead() * radius, r.sure()))
                            .toList());
        }
    }

    /** A rim so far ahead, 0 to 1 sure. */
    public record Rim(double ahead, double sure) {}

    /**
     * A joint of the pipe.
     *
     * @param at where it lies, millimetres of cable
     * @param error to either side
     * @param seen on how many pictures
     * @param sure 0 to 1
     */
    public record Joint(double at, double error, int seen, double sure) {}

    private record Sighting(int look, double at, double ahead, double sure) {}

    /** The joints in order of place. */
    public static List<Joint> of(List<Look> looks, double boreMm) {
        double radius = boreMm / 2;
        List<Sighting> open = new ArrayList<>();
        for (int i = 0; i < looks.size(); i++) {
            for (Rim rim : looks.get(i).rims()) {
                if (rim.ahead() > NEAREST * radius && rim.ahead() < FARTHEST * radius) {
                    open.add(new Sighting(i, looks.get(i).at() + rim.ahead(), rim.ahead(), rim.sure()));
                }
            }
        }
        List<Joint> joints = new ArrayList<>();
        while (true) {
            List<Sighting> best = best(open, radius);
            if (best.size() < OFTEN) {
                break;
            }
            Joint joint = joint(best, looks, radius);
            open.removeAll(best);
            boolean apart = joints.stream().allMatch(j -> Math.abs(j.at() - joint.at()) > SHORTEST * radius);
            if (apart && joint.sure() >= SEEN) {
                joints.add(joint);
            }
        }
        joints.sort(Comparator.comparingDouble(Joint::at));
        return joints;
    }

    /** The sightings that most others agree with. */
    private static List<Sighting> best(List<Sighting> open, double radius) {
        List<Sighting> best = List.of();
        double most = 0;
        for (Sighting middle : open) {
            List<Sighting> near = new ArrayList<>();
            double weight = 0;
            int last = -1;
            for (Sighting s : open) {
                if (Math.abs(s.at() - middle.at()) < AGREE * radius + AGREE_SHARE * s.ahead()) {
                    near.add(s);
                    weight += s.look() == last ? 0 : s.sure();
                    last = s.look();
                }
            }
            if (weight > most) {
                most = weight;
                best = near;
            }
        }
        return best;
    }

    private static Joint joint(List<Sighting> all, List<Look> looks, double radius) {
        // What is seen from near is placed best.
        double sum = 0;
        double weights = 0;
        for (Sighting s : all) {
            double weight = s.sure() / (s.ahead() * s.ahead());
            sum += weight * s.at();
            weights += weight;
        }
        double at = sum / weights;
        double spread =
                all.stream().mapToDouble(s -> Math.abs(s.at() - at)).average().orElse(0);
        long could = looks.stream()
                .filter(l -> at - l.at() > NEAREST * radius && at - l.at() < FARTHEST * radius * 0.7)
                .count();
        long did = all.stream()
                .filter(s -> s.ahead() < FARTHEST * radius * 0.7)
                .mapToInt(Sighting::look)
                .distinct()
                .count();
        double share = could == 0 ? 0 : Math.min(1, (double) did / could);
        return new Joint(at, Math.max(0.1 * radius, 2 * spread / Math.sqrt(all.size())), all.size(), share);
    }
}
