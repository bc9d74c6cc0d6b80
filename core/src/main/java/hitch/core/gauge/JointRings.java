package hitch.core.gauge;

import java.util.Optional;

/**
 * A joint as two rings: where the near length ends, and where the far one begins. All lengths are in radii of the bore.
 *
 * @param near rim of the length that the camera is in
 * @param far rim of the next one, as far as it is seen past the near one; empty where none stands out
 */
public record JointRings(Ring near, Optional<Ring> far) {
    /** Wider than the bore no joint stands open: what seems so lies too far off to be told, or pipe is missing. Radii of the bore. */
    static final double WIDEST = 2;

    /** A rim is the same one so near it, share of how far ahead it lies. */
    private static final double SAME = 0.02;

    private static final double NO_NEARER = 0.03;

    /** How far the far length lies to the right of the near one. */
    public double shiftRight() {
        return far.map(f -> f.right() - near.right()).orElse(0.0);
    }

    /** How far it lies below it. */
    public double shiftDown() {
        return far.map(f -> f.down() - near.down()).orElse(0.0);
    }

    /** How far the one lies off the other, whichever way. */
    public double step() {
        return Math.hypot(shiftRight(), shiftDown());
    }

    /** How wide the wall is open between them. */
    public double gap() {
        return far.map(f -> Math.max(0, f.ahead() - near.ahead())).orElse(0.0);
    }

    /** Which way the far length lies off, hours on the clock as the picture shows it, above 0 to 12. */
    public double shiftClock() {
        double turn = Math.atan2(shiftRight(), -shiftDown()) / (2 * Math.PI) * 12;
        return turn <= 0 ? turn + 12 : turn;
    }

    /** Whether another has the same far rim and a near one that lies no nearer: a socket's shoulder, say. */
    boolean holds(JointRings other) {
        double mine = far.orElseThrow().ahead();
        double its = other.far().orElseThrow().ahead();
        return Math.abs(mine - its) < SAME * its && near.ahead() < other.near().ahead() * (1 + NO_NEARER);
    }

    JointRings moved(double right, double down) {
        return new JointRings(near.moved(right, down), far.map(f -> f.moved(right, down)));
    }
}
