package hitch.core.judge.work;

import hitch.core.decide.Who;
import hitch.core.judge.work.Sort.Reach;
import hitch.core.rules.Method;
import java.util.List;

/** What is done about a matter. */
public sealed interface Work {
    /** Its name in files and in decisions, such as {@code spot repair}. */
    default String key() {
        return Works.sort(this).key();
    }

    /** A short title, such as {@code Cut them out, every 12 months}. */
    default String title() {
        return Works.title(this);
    }

    /** Who does it. */
    default Who who() {
        return Works.sort(this).who();
    }

    /** What the firm's prices for it go by. */
    default List<Method> methods() {
        return Works.methods(this);
    }

    /** Whether ground is broken. */
    default boolean isDug() {
        Reach reach = Works.sort(this).reach();
        return reach == Reach.GROUND || reach == Reach.PIPE_BY_DIGGING || reach == Reach.NEW_PIPE;
    }

    /** Whether it changes the pipe for good, so that it is priced only on what was seen. */
    default boolean isRepair() {
        return Works.sort(this).reach().compareTo(Reach.GROUND) > 0;
    }

    /** Whether it renews whatever pipe it goes along. */
    default boolean renews() {
        return Works.sort(this).reach() == Reach.NEW_PIPE;
    }

    /** Leave it, and look again after so many months. */
    record Watch(int months) implements Work {}

    /**
     * Clean it and keep it clean.
     *
     * @param how cutting, jetting or cleaning
     * @param months until the next time
     * @param foam months between root foams; 0 for none
     */
    record Clean(Method how, int months, int foam) implements Work {}

    /** Open it, clean it, and look again before anything else. */
    record CleanAndLook() implements Work {}

    /**
     * Give the line a way in.
     *
     * @param raised whether a fitting that is there is brought up to the surface
     */
    record OpenAccess(boolean raised) implements Work {}

    /** Dig and mend single places. */
    record SpotRepair(int places) implements Work {}

    /** Put a liner in. */
    record Reline() implements Work {}

    /** Lay new pipe between two changes. */
    record Replace() implements Work {}

    /** Lay new pipe from end to end. */
    record ReplaceAll() implements Work {}

    /** Take scale off the wall; coat it afterwards or not. */
    record Descale(boolean coated) implements Work {
        @Override
        public String key() {
            return Sort.DESCALE.key() + (coated ? " and coat" : "");
        }
    }

    /** Dig and lay it anew with an even fall. */
    record SetToGrade() implements Work {}

    /** Find out before anything is decided. */
    record Prove(By by) implements Work {
        /** How it is found out. */
        public enum By {
            FLUSH("Run water and watch for it"),
            DYE("Run dyed water and watch for it"),
            LOOK("Look again, closer"),
            LOOK_BEYOND("Look at what was not seen");

            private final String title;

            By(String title) {
                this.title = title;
            }

            String title() {
                return title;
            }
        }
    }

    /** It is for somebody else to see to. */
    record Refer(Who who) implements Work {}
}
