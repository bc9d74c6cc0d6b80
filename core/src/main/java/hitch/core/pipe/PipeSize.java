package hitch.core.pipe;

/**
 * The nominal bore of a pipe.
 *
 * @param inches whole inches, 1 to 120
 */
public record PipeSize(int inches) {
    public PipeSize {
        if (inches < 1 || inches > 120) {
            throw new IllegalArgumentException("a pipe of " + inches + " in is not a drain");
        }
    }

    public String show() {
        return inches + " in";
    }
}
