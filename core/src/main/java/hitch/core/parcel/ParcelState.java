package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.district.District;
import hitch.core.job.Job;
import hitch.core.job.Parcels;
import hitch.core.story.Cutting;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Story;
import hitch.core.story.StoryWish;
import hitch.core.survey.Survey;
import java.util.List;
import java.util.Optional;

/**
 * How one recipient's parcel stands.
 *
 * @param recipient whose it is
 * @param findings how many findings are in it
 * @param seconds how long its film will be, by the usual pace of the voice
 * @param footage what of the recording goes along
 * @param newest the newest issue; empty where none was made
 * @param changed what differs from what that issue tells, a few words each
 * @param checks what is checked before the next one goes out
 */
public record ParcelState(
        Recipient recipient,
        int findings,
        double seconds,
        FootageGiven footage,
        Optional<Parcels.Issue> newest,
        List<String> changed,
        Checks checks) {
    /** In one word. */
    public enum Stand {
        NOT_MADE,
        MADE,
        /** It was made, and the record has changed since. */
        OVERTAKEN,
        SENT,
        TAKEN_BACK
    }

    public ParcelState {
        changed = List.copyOf(changed);
    }

    /**
     * @param district the recipient's own form, where it has one
     */
    public static ParcelState of(
            Job job, Survey survey, Parcels parcels, Recipient recipient, StoryWish wish, Optional<District> district) {
        Disclosure may = Disclosure.of(survey, recipient);
        Optional<Parcels.Issue> newest = parcels.newest(recipient.word());
        Story story = ScriptWriter.write(may, wish);
        double seconds = Cutting.of(
                        story, Cutting.Speech.USUAL, s -> may.footage().around(s.frame(), s.before(), s.after()))
                .seconds();
        return new ParcelState(
                recipient,
                may.findings().size(),
                seconds,
                FootageGiven.to(recipient),
                newest,
                newest.map(i -> Told.changed(i.made().told(), Told.of(may))).orElse(List.of()),
                Checks.of(job, survey, may, wish, district));
    }

    public Stand stand() {
        if (newest.isEmpty()) {
            return Stand.NOT_MADE;
        }
        if (newest.get().takenBack().isPresent()) {
            return Stand.TAKEN_BACK;
        }
        if (!changed.isEmpty()) {
            return Stand.OVERTAKEN;
        }
        return newest.get().sent().isEmpty() ? Stand.MADE : Stand.SENT;
    }
}
