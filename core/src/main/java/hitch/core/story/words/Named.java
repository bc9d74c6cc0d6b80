package hitch.core.story.words;

import hitch.core.detail.Detail;
import hitch.core.finding.Certainty;
import hitch.core.finding.Degree;
import hitch.core.finding.Finding;
import hitch.core.finding.FindingKind;
import java.util.List;

/**
 * What a finding is called in speech.
 *
 * @param many whether it is spoken of as several
 * @param bare its name with what kind of it, without an article: {@code heavy roots}
 * @param what the same with its article, how sure it is and where round the pipe: {@code what look like heavy roots at the top}
 */
public record Named(boolean many, String bare, String what) {
    /** The name of a finding by the book's list of things; its kind's own word where that has none. */
    public static Named of(Finding finding, PhraseBook book) {
        String entry = book.word("things", finding.kind().word())
                .orElse("one | " + finding.kind().word());
        List<String> parts = List.of(entry.split(" *\\| *", 2));
        boolean many = parts.getFirst().equals("many");
        boolean one = parts.getFirst().equals("one");
        // What has been done to a pipe is done heavily, what is in it is heavy.
        boolean done = parts.getLast().startsWith("deformed");
        String degree = finding.traits().degree().map(d -> degree(d, done)).orElse("");
        String angle = finding.kind() == FindingKind.BEND
                ? finding.traits().angle().map(a -> " of " + a + " degrees").orElse("")
                : "";
        String bare = degree + parts.getLast() + angle;
        String with = one ? Grammar.a(bare) : bare;
        String where = finding.traits().clock().map(c -> " " + c.words()).orElse("");
        return new Named(many, bare, sure(finding, with, many) + where);
    }

    private static String degree(Degree degree, boolean done) {
        return switch (degree) {
            case LIGHT -> done ? "lightly " : "light ";
            case MEDIUM -> "";
            case HEAVY -> done ? "heavily " : "heavy ";
        };
    }

    private static String sure(Finding finding, String name, boolean many) {
        Certainty certainty = finding.certainty();
        return switch (certainty) {
            case SEEN -> name;
            case LIKELY -> "what " + (many ? "are" : "is") + " most likely " + name;
            case POSSIBLE -> "what looks like " + name;
            case ONE_OF_TWO ->
                finding.traits()
                        .details()
                        .get(Detail.OR)
                        .map(o -> "either " + name + " or " + o)
                        .orElse("what may be " + name);
            case HEARD -> name + ", heard and not seen";
            case TOLD -> name + ", as we were told";
            case RULED_OUT -> "no " + name.replaceFirst("^an? ", "");
        };
    }

    public String are() {
        return many ? "are" : "is";
    }

    public String were() {
        return many ? "were" : "was";
    }

    public String show() {
        return many ? "show" : "shows";
    }

    public String they() {
        return many ? "they" : "it";
    }

    /** What a verb of it ends in. */
    public String s() {
        return many ? "" : "s";
    }
}
