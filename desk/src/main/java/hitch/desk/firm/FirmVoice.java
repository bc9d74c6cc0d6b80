package hitch.desk.firm;

import hitch.core.disclosure.Recipient;
import hitch.core.story.words.Grammar;
import hitch.desk.Context;
import hitch.desk.play.Aloud;
import hitch.desk.play.DeviceSpeaker;
import hitch.desk.widget.Fields;
import hitch.desk.widget.Labels;
import hitch.desk.widget.Typing;
import hitch.media.voice.SaidAs;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import hitch.store.FirmVoices;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Who speaks in the firm's films, to everybody and to one recipient, how fast, and how names are said. Heard at once. */
final class FirmVoice extends VBox {
    private static final String EXAMPLE = "Brandt = Brahnt";
    private static final String SENTENCE = "Here is the line at %s, and what the camera saw in it.";

    private final Context desk;
    private final Aloud aloud;
    private final HBox choices = new HBox(12);
    private final TextArea names = new TextArea();
    /** Whom the choices are for; empty for everybody. */
    private String to = "";

    /** A pace by the word one would use for it. */
    private enum Pace {
        UNHURRIED("unhurried", 0.9),
        USUAL("usual", Speaking.USUAL.pace()),
        BRISK("brisk", 1.06);

        private final String word;
        private final double pace;

        Pace(String word, double pace) {
            this.word = word;
            this.pace = pace;
        }

        static Pace near(double pace) {
            return Stream.of(values())
                    .min(java.util.Comparator.comparingDouble(p -> Math.abs(p.pace - pace)))
                    .orElseThrow();
        }
    }

    FirmVoice(Context desk) {
        super(6);
        this.desk = desk;
        this.aloud = new Aloud(new DeviceSpeaker(), desk.work().notices()::say);
        setId("firm-voice");
        choices.setAlignment(Pos.BOTTOM_LEFT);
        names.setId("said-as");
        Fields.leftByTab(names);
        names.setPrefRowCount(2);
        names.setPromptText(EXAMPLE);
        names.setAccessibleText("How names are said, one a line, such as: " + EXAMPLE);
        names.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                keepNames();
            }
        });
        Button tryNames = Labels.button("Hear them", "", "Hear the names as they are said", () -> hear(saidNames()));
        tryNames.setId("hear-names");
        Label about = Labels.of("Written as one would say them. Films, and all that is spoken, go by it.", "soft");
        about.setWrapText(true);
        getChildren()
                .addAll(
                        Labels.heading("Who speaks"),
                        choices,
                        new VBox(2, Labels.of("Names that are said otherwise", "field-label"), names, about),
                        tryNames);
        desk.work().firm().voicesProperty().addListener((o, was, is) -> Typing.orOnceLeft(this, this::fill));
        // A page that is closed is heard no more.
        sceneProperty().addListener((o, was, is) -> {
            if (is == null) {
                aloud.close();
            }
        });
        fill();
    }

    private FirmVoices voices() {
        return desk.work().firm().voicesProperty().get();
    }

    private Speaking chosen() {
        return voices().others().getOrDefault(to, voices().usual());
    }

    private void fill() {
        List<String> whom = Stream.concat(
                        Stream.of(""), desk.work().firm().recipients().stream().map(Recipient::word))
                .toList();
        ComboBox<String> recipient = Fields.choice("To whom this voice speaks", whom, to, this::title, t -> {
            to = t;
            fill();
        });
        recipient.setId("voice-to");
        ComboBox<Speaker> speaker = Fields.choice(
                "Who speaks",
                List.of(Speaker.values()),
                chosen().speaker(),
                s -> Grammar.capital(s.word()),
                s -> keep(chosen().by(s)));
        speaker.setId("voice-speaker");
        ComboBox<Pace> pace = Fields.choice(
                "How fast",
                List.of(Pace.values()),
                Pace.near(chosen().pace()),
                p -> Grammar.capital(p.word),
                p -> keep(chosen().at(p.pace)));
        pace.setId("voice-pace");
        Button hear = Labels.button("Hear", "", "Hear this voice", () -> hear(sentence()));
        hear.setId("hear-voice");
        choices.getChildren()
                .setAll(
                        Fields.named("To", recipient),
                        Fields.named("Voice", speaker),
                        Fields.named("Pace", pace),
                        hear);
        if (voices().others().containsKey(to)) {
            choices.getChildren()
                    .add(Labels.button(
                            "As to everybody",
                            "",
                            "Let the usual voice speak to them",
                            () -> desk.work().firm().keep(voices().asUsual(to))));
        }
        names.setText(voices().said().text().strip());
    }

    private String title(String word) {
        return desk.work().firm().recipients().stream()
                .filter(r -> r.word().equals(word))
                .map(r -> Grammar.capital(r.title()))
                .findFirst()
                .orElse("Everybody");
    }

    private void keep(Speaking how) {
        desk.work().firm().keep(to.isEmpty() ? voices().spoken(how) : voices().spoken(to, how));
        aloud.say(sentence(), typed().spokenBy(desk.work().senses().voice().as(how)));
    }

    private String sentence() {
        String property = desk.work().now().survey().facts().property();
        return SENTENCE.formatted(property.isBlank() ? "the house" : property);
    }

    private String saidNames() {
        return String.join(", ", typed().words().keySet()) + ".";
    }

    private void hear(String words) {
        aloud.say(words, typed().spokenBy(desk.work().senses().voice().as(chosen())));
    }

    /** What stands in the field, where it can be understood. */
    private SaidAs typed() {
        try {
            return SaidAs.parse(names.getText());
        } catch (IllegalArgumentException e) {
            return voices().said();
        }
    }

    private void keepNames() {
        try {
            SaidAs said = SaidAs.parse(names.getText());
            if (!said.equals(voices().said())) {
                desk.work().firm().keep(voices().saying(said));
            }
        } catch (IllegalArgumentException e) {
            desk.work().notices().say(e.getMessage() + " The names were left as they were.");
        }
    }
}
