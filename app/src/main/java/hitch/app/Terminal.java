package hitch.app;

import hitch.media.Progress;
import java.io.PrintWriter;

/** Tells progress on a terminal: one line rewritten where a person watches, a line each tenth where none does. */
final class Terminal implements Progress {
    private final PrintWriter out;
    private final boolean watched = System.console() != null && System.console().isTerminal();
    private final long started = System.nanoTime();
    private int told = -1;

    Terminal(PrintWriter out) {
        this.out = out;
    }

    @Override
    public void at(double share, String doing) {
        int percent = (int) (share * 100);
        int step = watched ? percent : percent / 10 * 10;
        if (step == told) {
            return;
        }
        told = step;
        double elapsed = (System.nanoTime() - started) / 1e9;
        String left =
                share < 0.3 || share >= 1 ? "" : String.format(", about %.0f s left", elapsed * (1 - share) / share);
        if (watched) {
            out.print("\r\u001b[K" + step + " %  " + doing + left + (share >= 1 ? "\n" : ""));
        } else {
            out.println(step + " %  " + doing + left);
        }
        out.flush();
    }
}
