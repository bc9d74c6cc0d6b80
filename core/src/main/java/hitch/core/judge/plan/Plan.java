package hitch.core.judge.plan;

import hitch.core.measure.Range;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One whole way to go over the years.
 *
 * @param kind which way
 * @param events what happens, in order of time
 * @param unsolved what it leaves, by title
 * @param currency how sums are written; blank where there are no prices
 */
public record Plan(Kind kind, List<Event> events, List<String> unsolved, String currency) {
    /** Years that a plan looks ahead. */
    public static final int YEARS = 30;

    /** The years at which plans are compared. */
    public static final List<Integer> STOPS = List.of(5, 10, 30);

    /** Which way to go. */
    public enum Kind {
        KEEP_CLEAN("keep it clean"),
        MEND_WORST("mend the worst now"),
        RENEW("renew it");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        public String title() {
            return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
        }
    }

    /**
     * Something that happens.
     *
     * @param at years from now; a range where that is not known exactly
     * @param sort what sort of thing
     * @param what in a few words
     * @param money what it costs; empty where there is no price for it
     */
    public record Event(Range at, Sort sort, String what, Optional<Range> money) {
        /** What sort of thing happens. */
        public enum Sort {
            /** Somebody comes to clean or to look. */
            VISIT,
            /** The ground is opened. */
            DIG,
            /** Something is mended without digging. */
            MEND,
            /** A life ends. */
            END
        }
    }

    public Plan {
        events = List.copyOf(events);
        unsolved = List.copyOf(unsolved);
    }

    /** What is spent by a year; empty where something up to then has no price. */
    public Optional<Range> spentBy(int years) {
        Range sum = Range.ZERO;
        for (Event event : events) {
            if (event.sort() == Event.Sort.END || event.at().low() > years) {
                continue;
            }
            if (event.money().isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(event.money().get());
        }
        return Optional.of(sum);
    }

    /** How often somebody comes by a year. */
    public long visitsBy(int years) {
        return by(years, Event.Sort.VISIT);
    }

    /** How often the ground is opened by a year. */
    public long digsBy(int years) {
        return by(years, Event.Sort.DIG);
    }

    private long by(int years, Event.Sort sort) {
        return events.stream()
                .filter(e -> e.sort() == sort && e.at().low() <= years)
                .count();
    }
}
