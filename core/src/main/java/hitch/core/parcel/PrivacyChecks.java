package hitch.core.parcel;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.BurnedIn;
import hitch.core.job.ClipWords;
import hitch.core.story.OwnVoices;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Shot;
import hitch.core.survey.Survey;
import java.util.ArrayList;
import java.util.List;

/** Whether names, writing and what was said along a clip may reach who gets a parcel. */
final class PrivacyChecks {
    private PrivacyChecks() {}

    static List<Check> of(Survey survey, Disclosure may) {
        List<Check> all = new ArrayList<>();
        if (may.recipient().people()) {
            return all;
        }
        int names = may.namesFeared().size();
        if (names > 0) {
            all.add(new Check(
                    "names " + Marks.of(may.namesFeared().toString()).substring(0, 8),
                    Check.Weight.REASON,
                    names == 1 ? "One word may be somebody's name." : names + " words may be somebody's names.",
                    "Leave them out",
                    Check.Where.HERE));
        }
        long asked = survey.writing().stream().filter(BurnedIn::isAsked).count();
        if (asked > 0) {
            all.add(new Check(
                    "writing " + asked,
                    Check.Weight.TELLS,
                    "Writing on the pictures that nobody was asked about is covered.",
                    "Say whether it may be seen",
                    Check.Where.HERE));
        }
        if (may.recipient().hearsClips() && !may.findings().isEmpty()) {
            List<Shot> shots = ScriptWriter.write(may).shots();
            long heard = shots.stream()
                    .filter(s -> OwnVoices.of(s, may).orElse(null) instanceof ClipWords)
                    .count();
            if (heard > 0) {
                all.add(new Check(
                        "heard " + heard,
                        Check.Weight.REASON,
                        "What was said along the clip is heard in " + (heard == 1 ? "one shot" : heard + " shots")
                                + ".",
                        "Listen once more",
                        Check.Where.CUT));
            }
        }
        return all;
    }
}
