package hitch.core.note;

import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.Certainty;
import hitch.core.finding.FindingKind;
import java.time.DayOfWeek;
import java.time.Month;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a draft tells of the whole job rather than of a place in the pipe, and which field of the record it is of: the
 * year the house was built, whether it stands empty, the last service and the next, a warranty, the weather, who was
 * there and who speaks, what the visit is for, what the people noticed, the number of the job, who may be shown it.
 */
public final class FactOfJob {
    private static final Pattern YEAR = Pattern.compile("(?:18|19|20)\\d\\d");
    private static final Pattern HOUSE = Pattern.compile(
            "\\b(?:house|home|building|place|duplex|built|build|constructed|went up|year|\\d+ (?:bed|bath)\\w*)\\b");
    private static final Pattern PIPE =
            Pattern.compile("\\b(?:pipe|line|sewer|lateral|main|replaced|relined|lined)\\b");
    private static final Pattern IDLE = Pattern.compile(
            "\\b(vacant|empty|unoccupied|idle|winterized|occupied|moved out|lived in|nobody(?:'s| has| is)? (?:living|lived|lives|been))\\b");
    /** Written large in a record, though words are compared small. */
    private static final Pattern NAMED_DAYS =
            Pattern.compile(Stream.<Enum<?>>concat(Arrays.stream(Month.values()), Arrays.stream(DayOfWeek.values()))
                    .map(named -> named.name().toLowerCase(Locale.ROOT))
                    .collect(Collectors.joining("|", "\\b(?:", ")\\b")));

    private static final Pattern WARRANTY = Pattern.compile("\\b(?:warrant\\w*|guarantee\\w*)\\b");
    private static final Pattern WEATHER = Pattern.compile(
            "\\b(?:it|its|it's|been) (?:rain(?:ed|ing)|snow(?:ed|ing)|drizzl(?:ed|ing)|freezing)\\b|\\bdry spell\\b|\\bcold and wet\\b|\\bno rain\\b");
    private static final Pattern LAST = Pattern.compile(
            "\\b(?:last|ago|since|was (?:cleaned|jetted|snaked|cabled|cut|rodded)|did (?:her|it|this|them|him) in|never been|hasn'?t been)\\b");
    private static final Pattern PURPOSE = Pattern.compile(
            "\\b(?:for|before) (?:a|an|the|his|her|their|this) (?:home |house )?(purchase|sale|buyer|seller|closing|refinance|remodel|addition|landlord|insurance)\\b"
                    + "|\\b(?:they|we|he|she|buyers?) (clos)(?:e|es|ing) (?:on|this|next|in)\\b|\\b(buyer|seller|pre-?purchase|pre-?sale|pre-?listing)(?:'?s)? (?:inspection|scope|survey)\\b");
    /** Only what somebody is, never who. */
    private static final Pattern SPEAKER = Pattern.compile(
            "\\b(?:i'?m|i am|(?:this|it) is [a-z]+,?|(?:it|this)'s [a-z]+,?) (?:just )?(?:the|your|a|an|their) "
                    + "((?:[a-z]+ )?(?:technician|tech|inspector|plumber|operator|apprentice|helper|foreman|contractor|engineer))\\b");

    private static final Pattern SHARING = Pattern.compile(
            "\\b(?:permission|consent|fine|okay|ok|good|happy|all right|agreed|agrees|mind|minds)\\b[a-z ']{0,24}\\b(?:shar(?:e|ed|ing)|post(?:ed|ing)?|publish(?:ed|ing)?|show(?:n|ing)?)\\b"
                    + "|\\b(?:don'?t|do not|not to|never|nobody|not) (?:be )?(?:shar(?:e|ed)|post(?:ed)?|publish(?:ed)?|send|sent|show(?:n)?|give)\\b"
                    + "|\\b(?:internal|in[- ]house) only\\b");
    private static final Pattern JOB = Pattern.compile("\\bjob (?:number |no\\.? |# ?)?([a-z]{0,3}-?\\d[\\d-]*)\\b");

    private FactOfJob() {}

    /** The field and what it becomes; empty where the draft tells of the pipe, or of nothing that has a field. */
    public static Optional<Details.Change> in(Draft draft) {
        if (draft.certainty() == Certainty.RULED_OUT) {
            return Optional.empty();
        }
        String words = trimmed(draft.wording());
        String low = words.toLowerCase(Locale.ROOT);
        if (draft.matter() == Act.SERVICE) {
            return change(LAST.matcher(low).find() ? Detail.LAST_SERVICE : Detail.NEXT_SERVICE, words);
        }
        if (draft.matter() == FindingKind.SYMPTOM) {
            return change(Detail.CALLED, words);
        }
        boolean remark = draft.matter() == FindingKind.REMARK;
        return remark ? ofRemark(draft, words, low) : Optional.empty();
    }

    private static Optional<Details.Change> ofRemark(Draft draft, String words, String low) {
        Optional<String> when = draft.traits().details().get(Detail.WHEN);
        Optional<String> year = when.filter(w -> YEAR.matcher(w).matches())
                .filter(w -> HOUSE.matcher(low).find() || !PIPE.matcher(low).find());
        Matcher idle = IDLE.matcher(low);
        Matcher job = JOB.matcher(low);
        Matcher purpose = PURPOSE.matcher(low);
        if (year.isPresent()) {
            return change(Detail.BUILT, year.get());
        }
        Matcher speaker = SPEAKER.matcher(low);
        if (speaker.find()) {
            return change(Detail.OPERATOR, "the " + speaker.group(1));
        }
        if (SHARING.matcher(low).find()) {
            return change(Detail.SHARING, words);
        }
        if (job.find()) {
            return change(Detail.JOB_NUMBER, job.group(1).toUpperCase(Locale.ROOT));
        }
        if (idle.find()) {
            return change(Detail.OCCUPIED, occupied(idle.group(1), when));
        }
        if (WARRANTY.matcher(low).find()) {
            return change(Detail.WARRANTY, words);
        }
        if (WEATHER.matcher(low).find()) {
            return change(Detail.WEATHER, words);
        }
        if (purpose.find()) {
            return change(Detail.PURPOSE, purpose(said(purpose)));
        }
        return draft.traits()
                .details()
                .get(Detail.WHO)
                .filter(w -> draft.certainty() != Certainty.TOLD)
                .flatMap(w -> change(Detail.PRESENT, w));
    }

    /** The group that tells what it is for, of the several ways to say it. */
    private static String said(Matcher purpose) {
        return IntStream.rangeClosed(1, purpose.groupCount())
                .mapToObj(purpose::group)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse("");
    }

    private static String occupied(String word, Optional<String> when) {
        String state = word.equals("occupied") || word.equals("lived in") ? "occupied" : "idle";
        return when.filter(w -> !w.equals("now"))
                .map(w -> state + " " + NAMED_DAYS.matcher(since(w)).replaceAll(m -> capital(m.group())))
                .orElse(state);
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }

    /** "Since March" stays; six months are told as such. */
    private static String since(String when) {
        return when.startsWith("since") || when.startsWith("last") || when.startsWith("for") ? when : "for " + when;
    }

    private static String purpose(String word) {
        if (List.of("purchase", "buyer", "closing", "clos").contains(word)
                || word.startsWith("pre") && word.endsWith("purchase")) {
            return "before a purchase";
        }
        boolean sale = word.equals("sale") || word.equals("seller") || word.startsWith("pre");
        return sale ? "before a sale" : "for " + (word.startsWith("a") || word.startsWith("i") ? "an " : "a ") + word;
    }

    private static Optional<Details.Change> change(Detail<?> field, String text) {
        return field.read(text).isPresent() ? Optional.of(new Details.Change(field, text)) : Optional.empty();
    }

    /** The sentence without what only leads into it. */
    private static String trimmed(String wording) {
        String words = wording.strip()
                .replaceAll("(?i)^(?:(?:and|so|okay|ok|well|now|but|alright|all right|anyway|um|uh)\\b[, ]*)+", "")
                .replaceAll("[\\s,.]+$", "");
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
