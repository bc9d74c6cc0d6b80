package hitch.media;

import java.util.concurrent.CancellationException;

/** Hears how far long work has come; throws to stop it. */
@FunctionalInterface
public interface Progress {
    /** Nobody listens and nobody cancels. */
    Progress NONE = (share, doing) -> {};

    /**
     * @param share part done, 0 to 1
     * @param doing what is being done, a short phrase
     * @throws CancellationException when the work was called off
     */
    void at(double share, String doing);

    /** This progress as the part from {@code from} to {@code to} of a larger one. */
    default Progress part(double from, double to) {
        return (share, doing) -> at(from + (to - from) * share, doing);
    }
}
