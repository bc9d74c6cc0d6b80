package hitch.core.survey;

/**
 * A place in words, in two parts for screens that write the distance large.
 *
 * @param distance how far, such as {@code 26.0 to 33.0 ft}; empty where only the pipe is known
 * @param way from where and which way, such as {@code toward the main}; empty at the very zero
 */
public record PlaceWords(String distance, String way) {
    /** Both, such as {@code 26.0 to 33.0 ft toward the main}. */
    public String all() {
        return (distance + " " + way).strip();
    }
}
