package hitch.core.finding;

import hitch.core.footage.Drawn;
import hitch.core.footage.FrameRef;
import hitch.core.gauge.SizeSort;
import hitch.core.gauge.Sized;
import hitch.core.measure.Distance;
import hitch.core.measure.Inches;
import java.util.List;
import java.util.Optional;

/**
 * A size that was measured on a picture.
 *
 * @param sort what was measured
 * @param value millimetres, or percent of the bore for a share
 * @param error to either side, likewise: the truth lies outside one time in ten
 * @param clock where round the pipe it lies, or which way a step goes, as the picture shows it upright
 * @param frame the frame it was measured on
 * @param drawn what was drawn to measure it, so that a hand can check it
 */
public record PictureSize(
        SizeSort sort, double value, double error, Optional<ClockPosition> clock, FrameRef frame, List<Drawn> drawn) {
    /** What is said of a size that nobody measured. */
    public static final String BY_EYE = "judged by eye";

    public PictureSize {
        clock = clock == null ? Optional.empty() : clock;
        drawn = List.copyOf(drawn);
        if (!(value >= 0) || !(error >= 0)) {
            throw new IllegalArgumentException("no size: " + value + ", give or take " + error);
        }
    }

    /**
     * What was read off a frame.
     *
     * @param clock where round the pipe, as the picture shows it upright
     */
    public static PictureSize of(Sized read, Optional<ClockPosition> clock, FrameRef frame) {
        return new PictureSize(read.sort(), tenths(read.value()), tenths(read.error()), clock, frame, read.drawn());
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    /** Whether a limit lies within its error, so that either side of it may be the truth. */
    public boolean straddles(double limit) {
        return Math.abs(value - limit) <= error;
    }

    /** What it comes to: {@code 1/2 in} or {@code 30 %}. */
    public String shown() {
        return sort.isShare() ? percent() + " %" : Inches.show(length());
    }

    /** How far it may be off, never told smaller than it is: {@code ± 1/8 in}. */
    public String offBy() {
        return "± " + giveOrTake();
    }

    /** The same without a sign, for a sentence. */
    public String giveOrTake() {
        return sort.isShare() ? (int) Math.max(1, Math.ceil(error)) + " %" : Inches.show(up(error));
    }

    /** How it is known, in words. */
    public String how() {
        return "measured on the picture " + offBy();
    }

    /** The length, millimetres whole; nothing for a share. */
    Distance length() {
        return new Distance(sort.isShare() ? 0 : Math.round(value));
    }

    /** The share, 1 to 100. */
    int percent() {
        return (int) Math.clamp(Math.round(value), 1, 100);
    }

    private static Distance up(double mm) {
        double sixteenths = Math.ceil(mm / Distance.MM_PER_INCH * 16 - 1e-9);
        return Distance.inches(Math.max(1, sixteenths) / 16);
    }

    /** Traits in which this is the size that is told. */
    Traits in(Traits traits) {
        Traits sized =
                sort.isShare() ? traits.withShare(Optional.of(percent())) : traits.withSize(Optional.of(length()));
        return clock.isPresent() && traits.clock().isEmpty() ? sized.withClock(clock) : sized;
    }

    /** Whether traits tell this size. */
    boolean isToldBy(Traits traits) {
        return sort.isShare()
                ? traits.share().filter(s -> s == percent()).isPresent()
                : traits.size().filter(length()::equals).isPresent();
    }
}
