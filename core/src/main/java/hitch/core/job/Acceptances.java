package hitch.core.job;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was found before a parcel goes out and a person said is fine as it is. Immutable.
 *
 * @param why a word why, by recipient and check
 */
public record Acceptances(Map<String, String> why) {
    public static final Acceptances NONE = new Acceptances(Map.of());

    public Acceptances {
        why = Collections.unmodifiableMap(new LinkedHashMap<>(why));
    }

    private static String key(String recipient, String check) {
        return recipient + " " + check;
    }

    Acceptances with(Edit.AcceptCheck edit) {
        Map<String, String> next = new LinkedHashMap<>(why);
        String key = key(edit.recipient(), edit.check());
        edit.why().ifPresentOrElse(w -> next.put(key, w), () -> next.remove(key));
        return new Acceptances(next);
    }

    /** Why a check was accepted for a recipient; empty where it was not, blank where nobody said why. */
    public Optional<String> why(String recipient, String check) {
        return Optional.ofNullable(why.get(key(recipient, check)));
    }
}
