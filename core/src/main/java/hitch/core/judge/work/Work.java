package hitch.core.judge.work;

import hitch.core.decide.Who;
import hitch.core.rules.Method;
import java.util.List;

/** What is done about a matter. */
public sealed interface Work {
    /** Its name in files and in decisions, such as {@code spot repair}. */
    String key();

    /** A short title, such as {@code Cut the roots, every 12 months}. */
    String title();

    Who who();

    /** What the firm's prices for it go by. */
    List<Method> methods();

    /** Whether ground is broken. */
    default boolean isDug() {
        return false;
    }

    /** Whether it changes the pipe for good, so that it is priced only on what was seen. */
    default boolean isRepair() {
        return false;
    }

    /** Whether it renews whatever pipe it goes along. */
    default boolean renews() {
        return false;
    }

    /** Leave it, and look again. */
    record Watch(int months) implements Work {
        @Override
        public String key() {
            return "watch";
        }

        @Override
        public String title() {
            return "Leave it and look again";
        }

        @Override
        public Who who() {
            return Who.CAMERA;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.LOOK);
        }
    }

    /**
     * Clean it and keep it clean.
     *
     * @param how cutting, jetting or cleaning
     * @param months until the next time
     * @param foam months between root foams; 0 for none
     */
    record Clean(Method how, int months, int foam) implements Work {
        @Override
        public String key() {
            return "clean";
        }

        @Override
        public String title() {
            String what = switch (how) {
                case CUT -> "Cut them out";
                case JET -> "Wash them out";
                default -> "Clean it";
            };
            return what + ", every " + months + " months" + (foam > 0 ? ", with a root foam" : "");
        }

        @Override
        public Who who() {
            return Who.DRAIN_CLEANER;
        }

        @Override
        public List<Method> methods() {
            return foam > 0 ? List.of(how, Method.FOAM) : List.of(how);
        }
    }

    /** Open it, clean it, and look again before anything else. */
    record CleanAndLook() implements Work {
        @Override
        public String key() {
            return "clean and look again";
        }

        @Override
        public String title() {
            return "Clean it, then look again";
        }

        @Override
        public Who who() {
            return Who.DRAIN_CLEANER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.CLEAN, Method.LOOK);
        }
    }

    /**
     * Give the line a way in.
     *
     * @param raised whether a fitting that is there is brought up to the surface
     */
    record OpenAccess(boolean raised) implements Work {
        @Override
        public String key() {
            return "open an access";
        }

        @Override
        public String title() {
            return raised ? "Bring the buried fitting up to the surface" : "Put in an opening";
        }

        @Override
        public Who who() {
            return Who.PLUMBER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.OPENING);
        }

        @Override
        public boolean isDug() {
            return true;
        }
    }

    /** Dig and mend single places. */
    record SpotRepair(int places) implements Work {
        @Override
        public String key() {
            return "spot repair";
        }

        @Override
        public String title() {
            return places == 1 ? "Dig and mend that place" : "Dig and mend those places";
        }

        @Override
        public Who who() {
            return Who.PLUMBER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.SPOT);
        }

        @Override
        public boolean isDug() {
            return true;
        }

        @Override
        public boolean isRepair() {
            return true;
        }
    }

    /** Put a liner in. */
    record Reline() implements Work {
        @Override
        public String key() {
            return "reline";
        }

        @Override
        public String title() {
            return "Reline it";
        }

        @Override
        public Who who() {
            return Who.PLUMBER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.RELINE);
        }

        @Override
        public boolean isRepair() {
            return true;
        }
    }

    /** Lay new pipe between two changes. */
    record Replace() implements Work {
        @Override
        public String key() {
            return "replace the stretch";
        }

        @Override
        public String title() {
            return "Replace the stretch";
        }

        @Override
        public Who who() {
            return Who.PLUMBER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.REPLACE);
        }

        @Override
        public boolean isDug() {
            return true;
        }

        @Override
        public boolean isRepair() {
            return true;
        }

        @Override
        public boolean renews() {
            return true;
        }
    }

    /** Lay new pipe from end to end. */
    record ReplaceAll() implements Work {
        @Override
        public String key() {
            return "replace all";
        }

        @Override
        public String title() {
            return "Replace the whole line";
        }

        @Override
        public Who who() {
            return Who.PLUMBER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.REPLACE);
        }

        @Override
        public boolean isDug() {
            return true;
        }

        @Override
        public boolean isRepair() {
            return true;
        }

        @Override
        public boolean renews() {
            return true;
        }
    }

    /** Take scale off the wall; coat it afterwards or not. */
    record Descale(boolean coated) implements Work {
        @Override
        public String key() {
            return coated ? "descale and coat" : "descale";
        }

        @Override
        public String title() {
            return coated ? "Descale it and coat it" : "Descale it";
        }

        @Override
        public Who who() {
            return Who.DRAIN_CLEANER;
        }

        @Override
        public List<Method> methods() {
            return coated ? List.of(Method.DESCALE, Method.COAT) : List.of(Method.DESCALE);
        }
    }

    /** Dig and lay it anew with an even fall. */
    record SetToGrade() implements Work {
        @Override
        public String key() {
            return "set to grade";
        }

        @Override
        public String title() {
            return "Lay it anew with a fall";
        }

        @Override
        public Who who() {
            return Who.PLUMBER;
        }

        @Override
        public List<Method> methods() {
            return List.of(Method.REPLACE);
        }

        @Override
        public boolean isDug() {
            return true;
        }

        @Override
        public boolean isRepair() {
            return true;
        }

        @Override
        public boolean renews() {
            return true;
        }
    }

    /** Find out before anything is decided. */
    record Prove(By by) implements Work {
        /** How it is found out. */
        public enum By {
            FLUSH("Run water and watch for it"),
            DYE("Run dyed water and watch for it"),
            LOOK("Look again, closer"),
            LOOK_BEYOND("Look at what was not seen"),
            WAIT("Stop the water, wait, and look again");

            private final String title;

            By(String title) {
                this.title = title;
            }
        }

        @Override
        public String key() {
            return "prove";
        }

        @Override
        public String title() {
            return by.title;
        }

        @Override
        public Who who() {
            return Who.CAMERA;
        }

        @Override
        public List<Method> methods() {
            return by == By.FLUSH || by == By.DYE ? List.of(Method.TEST) : List.of(Method.LOOK);
        }
    }

    /** It is for somebody else to see to. */
    record Refer(Who who) implements Work {
        @Override
        public String key() {
            return "refer";
        }

        @Override
        public String title() {
            return "Refer it to " + who.word();
        }

        @Override
        public List<Method> methods() {
            return List.of();
        }
    }
}
