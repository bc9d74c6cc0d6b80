package hitch.store;

import hitch.core.disclosure.Recipient;
import hitch.media.voice.KeptSpeech;
import hitch.media.voice.Narrator;
import hitch.media.voice.SaidAs;
import hitch.media.voice.Speaking;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Who speaks in the firm's films, and how its names are said.
 *
 * @param usual who speaks where nobody else is named
 * @param others who speaks to a recipient, by the recipient's word
 * @param said words that are not said as they are written
 */
public record FirmVoices(Speaking usual, Map<String, Speaking> others, SaidAs said) {
    public static final FirmVoices SHIPPED = new FirmVoices(Speaking.USUAL, Map.of(), SaidAs.NOTHING);

    private static final String VOICE = "voice";
    private static final String SAY = "say";

    public FirmVoices {
        others = Collections.unmodifiableMap(new TreeMap<>(others));
    }

    public Speaking speaking(Recipient to) {
        return others.getOrDefault(to.word(), usual);
    }

    /** The narrator of a film for a recipient, who keeps what was spoken in a folder. */
    public Narrator narrator(Narrator voice, Path kept, Recipient to) {
        return said.spokenBy(new KeptSpeech(voice.as(speaking(to)), kept));
    }

    /** As a text that a person can read and edit. */
    String text() {
        StringBuilder text = new StringBuilder(VOICE + " = " + usual.text() + "\n");
        others.forEach((to, how) -> text.append(VOICE + " " + to + " = " + how.text() + "\n"));
        said.text().lines().forEach(l -> text.append(SAY + " " + l + "\n"));
        return text.toString();
    }

    /**
     * @throws IllegalArgumentException with the line that cannot be
     */
    static FirmVoices parse(String text) {
        FirmVoices voices = SHIPPED;
        StringBuilder said = new StringBuilder();
        for (String line : text.lines().filter(l -> !l.isBlank()).toList()) {
            int equals = line.indexOf('=');
            String key = equals < 0 ? line : line.substring(0, equals).strip();
            if (key.startsWith(SAY + " ")) {
                said.append(line.strip().substring(SAY.length() + 1)).append('\n');
            } else if (equals >= 0 && key.equals(VOICE)) {
                voices = voices.spoken(Speaking.parse(line.substring(equals + 1)));
            } else if (equals >= 0 && key.startsWith(VOICE + " ")) {
                voices = voices.spoken(
                        key.substring(VOICE.length() + 1).strip(), Speaking.parse(line.substring(equals + 1)));
            } else {
                throw new IllegalArgumentException(
                        "\"" + line + "\" tells nothing of a voice: voice = warm 0.97, or say Brandt = Brahnt.");
            }
        }
        return voices.saying(SaidAs.parse(said.toString()));
    }

    public FirmVoices spoken(Speaking how) {
        return new FirmVoices(how, others, said);
    }

    /** The same with somebody else who speaks to a recipient. */
    public FirmVoices spoken(String to, Speaking how) {
        Map<String, Speaking> next = new TreeMap<>(others);
        next.put(to, how);
        return new FirmVoices(usual, next, said);
    }

    /** The same with the usual voice for a recipient. */
    public FirmVoices asUsual(String to) {
        Map<String, Speaking> next = new TreeMap<>(others);
        next.remove(to);
        return new FirmVoices(usual, next, said);
    }

    public FirmVoices saying(SaidAs words) {
        return new FirmVoices(usual, others, words);
    }
}
