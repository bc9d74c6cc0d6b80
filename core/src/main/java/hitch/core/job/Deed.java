package hitch.core.job;

import java.util.Map;

/**
 * Something that happened to what is handed over. It is no change of the record, so undo never takes it back: what was sent
 * was sent.
 */
public sealed interface Deed {
    /** The word for whom it was made. */
    String recipient();

    /** Which issue of that recipient's parcel it is, from 1. */
    int issue();

    /** When, as an ISO instant. */
    String at();

    /** Who did it. */
    String by();

    /** In a few words, as the history tells it. */
    String words();

    /**
     * An issue was made.
     *
     * @param folder where it lies; within the job's folder where it lies there
     * @param bytes of all its files
     * @param seconds of its film
     * @param record fingerprint of the record as it was told
     * @param told fingerprints of what it tells, each by what it is about
     */
    record Made(
            String recipient,
            int issue,
            String at,
            String by,
            String folder,
            long bytes,
            double seconds,
            String record,
            Map<String, String> told)
            implements Deed {
        public Made {
            told = Map.copyOf(told);
        }

        @Override
        public String words() {
            return "made issue " + issue + " for the " + recipient;
        }
    }

    /**
     * An issue went out.
     *
     * @param where to, in words
     */
    record Sent(String recipient, int issue, String at, String by, String where) implements Deed {
        @Override
        public String words() {
            return "sent issue " + issue + " for the " + recipient + ": " + where;
        }
    }

    /**
     * An issue was taken back: its recipient was told not to use it.
     *
     * @param why in words
     */
    record TakenBack(String recipient, int issue, String at, String by, String why) implements Deed {
        @Override
        public String words() {
            return "took back issue " + issue + " for the " + recipient + (why.isBlank() ? "" : ": " + why);
        }
    }

    /**
     * A line of which no more is known than that something was handed over.
     *
     * @param words what is known of it
     */
    record Lost(String words) implements Deed {
        @Override
        public String recipient() {
            return "";
        }

        @Override
        public int issue() {
            return 0;
        }

        @Override
        public String at() {
            return "";
        }

        @Override
        public String by() {
            return "";
        }
    }
}
