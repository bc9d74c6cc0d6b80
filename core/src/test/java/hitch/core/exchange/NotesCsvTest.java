package hitch.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hitch.core.caption.CaptionReader;
import hitch.core.counter.Heading;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.List;
import org.junit.jupiter.api.Test;

class NotesCsvTest {
    private static final String COUNTER = """
            time_s,reading,unit,confidence
            0.0,0.0,ft,1
            5.0,10.0,ft,0.9
            6.0,,ft,0
            9.0,6.0,m,0.9
            """;

    @Test
    void aRowSaysWhatWasSaidAndTheCounterGivesThePlaceThatWasNot() throws IOException {
        Spoken.All all = new TalkReader(new TradeNoteReader(), LengthUnit.FEET)
                .read(CaptionReader.read("[0:05] Roots at the top, a third of the pipe.\n"
                        + "[0:09] Likely a half inch offset at nineteen point four.\n"
                        + "[0:20] Standing water from 33 to 26 feet.\n[0:30] That is not a crack.\n"));
        StringWriter out = new StringWriter();
        NotesCsv.write(all.drafts(), CounterCsv.read(new StringReader(COUNTER)), true, out);
        List<String> rows = out.toString().lines().toList();
        assertThat(rows.get(0))
                .isEqualTo("time_s,kind,station_from,station_to,clock_from,clock_to,size,share_of_bore,certainty,text");
        assertThat(rows.get(1)).startsWith("5,roots,10,10,12,12,,0.33,seen,");
        assertThat(rows.get(2)).startsWith("9,offset,19.4,19.4,,,0.5 in,,likely,");
        assertThat(rows.get(3)).startsWith("20,standing water,26,33,,,,,seen,");
        assertThat(rows.get(4)).startsWith("30,crack,,,,,,,ruled_out,");
    }

    @Test
    void readsACounterTable() throws IOException {
        CounterCsv counter = CounterCsv.read(new StringReader(COUNTER));
        assertThat(counter.cableAt(9).orElseThrow().inFeet())
                .isCloseTo(19.68, org.assertj.core.data.Offset.offset(0.01));
        assertThat(counter.cableAt(30)).isEmpty();
        assertThat(counter.headingAt(7)).isEqualTo(Heading.OUT);
        assertThat(counter.farthest().orElseThrow().mm()).isEqualTo(6000);
    }

    @Test
    void aTableOfSomethingElseIsToldSo() {
        assertThatThrownBy(() -> CounterCsv.read(new StringReader("a,b\n1,2\n")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("time_s,reading,unit,confidence");
        assertThatThrownBy(() -> CounterCsv.read(new StringReader("time_s,reading\nx,2\n")))
                .isInstanceOf(IOException.class);
    }
}
