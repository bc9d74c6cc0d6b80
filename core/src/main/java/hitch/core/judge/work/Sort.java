package hitch.core.judge.work;

import hitch.core.decide.Who;

/** What sort of work something is: its name, who does it, and what it does to ground and pipe. */
enum Sort {
    WATCH("watch", Who.CAMERA, Reach.NOTHING),
    CLEAN("clean", Who.DRAIN_CLEANER, Reach.NOTHING),
    CLEAN_AND_LOOK("clean and look again", Who.DRAIN_CLEANER, Reach.NOTHING),
    OPEN_ACCESS("open an access", Who.PLUMBER, Reach.GROUND),
    SPOT_REPAIR("spot repair", Who.PLUMBER, Reach.PIPE_BY_DIGGING),
    RELINE("reline", Who.PLUMBER, Reach.PIPE_FROM_INSIDE),
    REPLACE("replace the stretch", Who.PLUMBER, Reach.NEW_PIPE),
    REPLACE_ALL("replace all", Who.PLUMBER, Reach.NEW_PIPE),
    DESCALE("descale", Who.DRAIN_CLEANER, Reach.NOTHING),
    SET_TO_GRADE("set to grade", Who.PLUMBER, Reach.NEW_PIPE),
    PROVE("prove", Who.CAMERA, Reach.NOTHING),
    REFER("refer", Who.NOBODY, Reach.NOTHING);

    /** What a work changes for good. */
    enum Reach {
        NOTHING,
        /** The ground is opened and the pipe stays. */
        GROUND,
        PIPE_FROM_INSIDE,
        PIPE_BY_DIGGING,
        NEW_PIPE
    }

    private final String key;
    private final Who who;
    private final Reach reach;

    Sort(String key, Who who, Reach reach) {
        this.key = key;
        this.who = who;
        this.reach = reach;
    }

    String key() {
        return key;
    }

    Who who() {
        return who;
    }

    Reach reach() {
        return reach;
    }
}
