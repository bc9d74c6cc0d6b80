package hitch.core.judge.remedy;

/** Where work can hurt somebody or the pipe. Each stands wherever its work is proposed; local codes and licensed trades decide. */
public enum Caution {
    WEAK_PIPE(
            "Water under pressure can break this pipe: whoever cleans it should see this footage first, and take a cutter with care."),
    NARROW_TOOL("Only a narrow tool passes the opening: it leaves ends of roots hanging in the wider pipe."),
    MARK_UTILITIES("Have buried utilities marked before anyone digs."),
    DEEP("Deep trenches need shoring before anybody steps in."),
    STREET("Work in a street needs the city's leave, and traffic kept off whoever marks or digs there."),
    SEWER_GAS("Sewer gas and germs can hurt: air the opening, and wash after handling anything from a drain."),
    FOAM("Root foam is a poison: as its label says, by somebody trained, and nothing of it into open water."),
    PRESSURE("What stands behind a blockage comes out when it is opened: stand clear, and expect pressure."),
    THIN_WALL("A descaling tool takes wall with the rust: stop where the wall is thin, and look often."),
    LOCAL_CODE("Local code and a licensed trade decide how it is done.");

    private final String text;

    Caution(String text) {
        this.text = text;
    }

    /** A sentence. */
    public String text() {
        return text;
    }
}
