package hitch.core.finding;

/** The name of a finding within its job, such as {@code F3}; never used twice. */
public record FindingId(String value) {
    @Override
    public String toString() {
        return value;
    }
}
