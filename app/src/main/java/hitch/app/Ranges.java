package hitch.app;

import hitch.store.StoreException;
import java.util.Locale;

/** Numbers of a command are within what can be meant. */
final class Ranges {
    private Ranges() {}

    /**
     * @param option its name, such as {@code --before}
     * @throws StoreException telling the range, where {@code value} is outside it or no number
     */
    static double within(String option, double value, double least, double most) throws StoreException {
        if (!(value >= least && value <= most)) {
            throw new StoreException(String.format(
                    Locale.ROOT,
                    "%s takes a number from %.0f to %.0f; %s is none. Nothing was written.",
                    option,
                    least,
                    most,
                    value));
        }
        return value;
    }
}
