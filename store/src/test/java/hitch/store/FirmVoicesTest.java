package hitch.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.disclosure.Recipient;
import hitch.media.MediaException;
import hitch.media.voice.Narrator;
import hitch.media.voice.SaidAs;
import hitch.media.voice.Sound;
import hitch.media.voice.Speaker;
import hitch.media.voice.Speaking;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Who speaks in the firm's films. */
class FirmVoicesTest {
    private static final Speaking BRISK = new Speaking(Speaker.CLEAR, 1.06);
    private static final FirmVoices OURS = FirmVoices.SHIPPED
            .spoken(Speaking.USUAL.by(Speaker.PLAIN))
            .spoken("district", BRISK)
            .saying(SaidAs.parse("Brandt = Brahnt"));

    @TempDir
    private Path data;

    /** Tells who spoke what. */
    private record Told(List<String> said, String who) implements Narrator {
        @Override
        public Sound speak(String text) {
            said.add(who + ": " + text);
            return new Sound(new float[1], RATE);
        }

        @Override
        public String id() {
            return who;
        }

        @Override
        public Narrator as(Speaking how) {
            return new Told(said, how.text());
        }
    }

    @Test
    void whatIsKeptIsReadBackAndNothingKeptIsWhatShips() throws StoreException {
        FirmFolder firm = new FirmFolder(data);
        assertThat(firm.voices()).isEqualTo(FirmVoices.SHIPPED);
        firm.keep(OURS);
        assertThat(firm.voices()).isEqualTo(OURS);
        assertThat(OURS.asUsual("district").speaking(Recipient.DISTRICT)).isEqualTo(OURS.usual());
    }

    @Test
    void eachRecipientIsSpokenToByTheirVoiceAndNamesAreSaidAsListed() throws MediaException {
        Told voice = new Told(new ArrayList<>(), "nobody");
        OURS.narrator(voice, data, Recipient.DISTRICT).speak("Brandt.");
        OURS.narrator(voice, data, Recipient.HOMEOWNER).speak("Brandt.");
        assertThat(voice.said()).containsExactly("clear 1.06: Brahnt.", "plain 0.97: Brahnt.");
        OURS.narrator(voice, data, Recipient.DISTRICT).speak("Brandt.");
        assertThat(voice.said()).as("what was spoken is not spoken again").hasSize(2);
    }

    @Test
    void aLineThatCannotBeIsNamedAndTheFileStays() throws Exception {
        Path file = Files.createDirectories(data.resolve("firm")).resolve(FirmFolder.VOICES);
        for (String bad : List.of("voice = loud 1", "speaker = warm", "say Brandt")) {
            Files.writeString(file, bad);
            assertThatThrownBy(() -> new FirmFolder(data).voices())
                    .as(bad)
                    .isInstanceOf(StoreException.class)
                    .hasMessageContaining("what ships with Hitch stands");
            assertThat(file).hasContent(bad);
        }
    }
}
