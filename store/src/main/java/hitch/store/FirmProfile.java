package hitch.store;

import java.util.ArrayList;
import java.util.List;

/**
 * Who the firm is.
 *
 * @param name what it is called
 * @param people its reviewers, the usual one first
 * @param phone how it is reached; blank where nobody said
 * @param cards colour of its title cards, {@code #2E4047}
 * @param readsBySelf whether clips that come into a job are read and listened to without being asked
 * @param secondEyes whether places that stand out on the wall are pointed at
 */
public record FirmProfile(
        String name, List<String> people, String phone, String cards, boolean readsBySelf, boolean secondEyes) {
    public static final FirmProfile BLANK = new FirmProfile("", List.of(), "", "#2E4047", true, true);

    public FirmProfile {
        name = name.strip();
        people = people.stream().map(String::strip).filter(p -> !p.isEmpty()).toList();
        phone = phone.strip();
        if (!cards.matches("#[0-9A-Fa-f]{6}")) {
            throw new IllegalArgumentException("\"" + cards + "\" is no colour; it is written like #2E4047.");
        }
    }

    /** As a text that a person can read and edit. */
    String text() {
        List<String> lines = new ArrayList<>(List.of("name = " + name));
        people.forEach(p -> lines.add("person = " + p));
        lines.add("phone = " + phone);
        lines.add("cards = " + cards);
        lines.add("reads-by-itself = " + (readsBySelf ? "yes" : "no"));
        lines.add("second-eyes = " + (secondEyes ? "yes" : "no"));
        return String.join("\n", lines) + "\n";
    }

    /**
     * @throws IllegalArgumentException with the line that cannot be
     */
    static FirmProfile parse(String text) {
        String name = "";
        String phone = "";
        String cards = BLANK.cards;
        boolean readsBySelf = true;
        boolean secondEyes = true;
        List<String> people = new ArrayList<>();
        for (String line : text.lines().filter(l -> !l.isBlank()).toList()) {
            int equals = line.indexOf('=');
            String key = equals < 0 ? line : line.substring(0, equals).strip();
            String value = equals < 0 ? "" : line.substring(equals + 1).strip();
            switch (key) {
                case "name" -> name = value;
                case "person" -> people.add(value);
                case "phone" -> phone = value;
                case "cards" -> cards = value;
                case "reads-by-itself" -> readsBySelf = !value.equals("no");
                case "second-eyes" -> secondEyes = !value.equals("no");
                default ->
                    throw new IllegalArgumentException("\"" + line
                            + "\" says nothing of a firm: name, person, phone, cards, reads-by-itself, second-eyes.");
            }
        }
        return new FirmProfile(name, people, phone, cards, readsBySelf, secondEyes);
    }

    public FirmProfile called(String other) {
        return new FirmProfile(other, people, phone, cards, readsBySelf, secondEyes);
    }

    public FirmProfile with(List<String> others) {
        return new FirmProfile(name, others, phone, cards, readsBySelf, secondEyes);
    }

    public FirmProfile reachedAt(String other) {
        return new FirmProfile(name, people, other, cards, readsBySelf, secondEyes);
    }

    public FirmProfile inColour(String other) {
        return new FirmProfile(name, people, phone, other, readsBySelf, secondEyes);
    }

    public FirmProfile readingBySelf(boolean on) {
        return new FirmProfile(name, people, phone, cards, on, secondEyes);
    }

    public FirmProfile pointingOut(boolean on) {
        return new FirmProfile(name, people, phone, cards, readsBySelf, on);
    }
}
