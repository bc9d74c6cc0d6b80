package hitch.desk.handover;

import hitch.core.job.Parcels;
import hitch.core.parcel.Check;
import hitch.core.parcel.FilmTimes;
import hitch.core.parcel.FootageGiven;
import hitch.core.parcel.ParcelState;
import hitch.desk.widget.Clocks;
import hitch.media.film.FilmShape;
import java.util.List;
import java.util.Locale;

/** How a parcel stands, in the words of this bench. */
final class Standing {
    private static final int NAMED = 3;

    private Standing() {}

    /** In one line: {@code made at 14:02}. */
    static String words(ParcelState state) {
        return switch (state.stand()) {
            case NOT_MADE -> held(state);
            case MADE -> made(state.newest().orElseThrow()) + ", not sent";
            case OVERTAKEN ->
                "The record has changed since issue "
                        + state.newest().orElseThrow().made().issue() + ": " + some(state.changed());
            case SENT -> sent(state.newest().orElseThrow());
            case TAKEN_BACK ->
                "Issue " + state.newest().orElseThrow().made().issue() + " was taken back "
                        + Clocks.words(state.newest()
                                .orElseThrow()
                                .takenBack()
                                .orElseThrow()
                                .at());
        };
    }

    private static String some(List<String> all) {
        return all.size() <= NAMED
                ? String.join(", ", all)
                : String.join(", ", all.subList(0, NAMED)) + " and " + (all.size() - NAMED) + " more";
    }

    private static String held(ParcelState state) {
        return state.findings() == 0 ? "Nothing for it yet" : "Not made";
    }

    private static String made(Parcels.Issue issue) {
        return "Issue " + issue.made().issue() + " made "
                + Clocks.words(issue.made().at());
    }

    private static String sent(Parcels.Issue issue) {
        return "Issue " + issue.made().issue() + " sent "
                + Clocks.words(issue.sent().getLast().at());
    }

    /** What is open before it goes; blank where nothing is. */
    static String open(ParcelState state) {
        long holding = state.checks().holding().size();
        long told = state.checks().items().stream()
                .filter(i -> i.check().weight() == Check.Weight.TELLS)
                .count();
        if (state.findings() == 0) {
            return "";
        }
        if (holding > 0) {
            return holding == 1 ? "1 check holds it back" : holding + " checks hold it back";
        }
        return told == 0 ? "" : told == 1 ? "1 thing is told as it is" : told + " things are told as they are";
    }

    /** What is in it: {@code 17 findings, film 6:16, about 115 MB}. */
    static String holds(ParcelState state, FilmShape shape) {
        if (state.findings() == 0) {
            return "";
        }
        String findings = state.findings() == 1 ? "1 finding" : state.findings() + " findings";
        boolean fresh = state.stand() == ParcelState.Stand.MADE || state.stand() == ParcelState.Stand.SENT;
        double seconds = fresh ? state.newest().orElseThrow().made().seconds() : state.seconds();
        String size = fresh
                ? megabytes(state.newest().orElseThrow().made().bytes())
                : "about " + megabytes(shape.bytes(state.seconds()));
        return findings + ", film " + FilmTimes.clock(seconds) + ", " + size
                + (state.footage() == FootageGiven.NONE ? "" : fresh ? ", with footage" : " and footage");
    }

    static String megabytes(double bytes) {
        return bytes < 10e6
                ? String.format(Locale.ROOT, "%.1f MB", bytes / 1e6)
                : String.format(Locale.ROOT, "%.0f MB", bytes / 1e6);
    }
}
