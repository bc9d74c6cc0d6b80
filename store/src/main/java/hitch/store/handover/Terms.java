package hitch.store.handover;

import hitch.core.parcel.Accepted;
import hitch.store.seal.SigningKey;
import java.util.List;
import java.util.Optional;

/**
 * How a parcel is handed over.
 *
 * @param firm who makes it; blank where nobody said
 * @param issue which issue of the recipient's parcel it is, from 1
 * @param changed what differs from the issue before, a few words each
 * @param accepted what was found before it went and was accepted
 * @param key what it is signed with; empty where it is not signed
 */
public record Terms(String firm, int issue, List<String> changed, List<Accepted> accepted, Optional<SigningKey> key) {
    /** The first issue of nobody's, not signed. */
    public static final Terms PLAIN = new Terms("", 1, List.of(), List.of(), Optional.empty());

    public Terms {
        changed = List.copyOf(changed);
        accepted = List.copyOf(accepted);
    }
}
