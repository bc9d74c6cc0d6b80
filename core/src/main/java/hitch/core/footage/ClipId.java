package hitch.core.footage;

/** The name of a clip within its job: short, stable, never shown as a measure. */
public record ClipId(String value) {
    public ClipId {
        if (value.isBlank()) {
            throw new IllegalArgumentException("a clip needs a name");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
