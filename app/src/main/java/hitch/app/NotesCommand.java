package hitch.app;

import hitch.core.exchange.CounterCsv;
import hitch.core.exchange.NotesCsv;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.CaptionReader;
import hitch.core.talk.Contradiction;
import hitch.core.talk.Contradictions;
import hitch.core.talk.Cue;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.core.talk.Whereabouts;
import hitch.store.StoreException;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "notes",
        description = {
            "Reads a commentary into notes: SubRip, WebVTT, lines of \"[m:ss] text\", or plain lines.",
            "Writes time_s,kind,station_from,station_to,clock_from,clock_to,size,share_of_bore,certainty,text;",
            "stations in feet, the share from 0 to 1. What does not agree is told on standard output."
        },
        footer = {"", "Example:", "  ./hitch notes street.srt --trace counter.csv --csv notes.csv"},
        mixinStandardHelpOptions = true)
final class NotesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", arity = "0..1", paramLabel = "FILE", description = "Captions or lines of text; UTF-8.")
    private Path file;

    @Option(
            names = "--phrases",
            paramLabel = "IN.csv",
            description = "A table with the columns n, mode (typed or said) and phrase, instead of captions; "
                    + "writes n and expect: what was understood, as kind=roots; station=23.4.")
    private Path phrases;

    @Option(
            names = "--trace",
            paramLabel = "COUNTER.csv",
            description = "The clip's counter, as ./hitch counter writes it: gives places that were not said.")
    private Path trace;

    @Option(names = "--csv", required = true, paramLabel = "OUT", description = "File to write.")
    private Path csv;

    @Option(
            names = "--offset",
            paramLabel = "SECONDS",
            description = "Added to the captions' time to give the counter's; may be negative.")
    private double offset;

    @Option(names = "--metres", description = "Numbers said without a unit are metres; else feet.")
    private boolean metres;

    @Override
    public Integer call() throws StoreException {
        if (phrases != null) {
            new PhraseTable(unit()).convert(text(phrases), this::keep);
            return 0;
        }
        if (file == null) {
            throw new StoreException("Name the captions to read, or a table of phrases with --phrases.");
        }
        String text = text(file);
        List<Cue> cues = CaptionReader.read(text);
        boolean timed = !cues.isEmpty();
        if (!timed) {
            cues = text.lines()
                    .map(String::strip)
                    .filter(l -> !l.isEmpty())
                    .map(l -> new Cue(0, 0, l))
                    .toList();
        }
        List<Cue> slid = cues.stream()
                .map(c -> new Cue(c.start() + offset, c.end() + offset, c.text()))
                .toList();
        Whereabouts where = trace == null || !timed ? Whereabouts.UNKNOWN : counter(trace);
        LengthUnit unit = unit();
        Spoken.All all = new TalkReader(new TradeNoteReader(), unit).read(slid);
        write(all, where, timed);
        tell(cues.size(), all, where);
        return 0;
    }

    private LengthUnit unit() {
        return metres ? LengthUnit.METRES : LengthUnit.FEET;
    }

    private static String text(Path file) throws StoreException {
        try {
            return new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new StoreException(file + " could not be read: " + e.getMessage(), e);
        }
    }

    private static CounterCsv counter(Path trace) throws StoreException {
        try {
            return CounterCsv.read(new StringReader(text(trace)));
        } catch (IOException e) {
            throw new StoreException(trace + ": " + e.getMessage(), e);
        }
    }

    private void write(Spoken.All all, Whereabouts where, boolean timed) throws StoreException {
        try {
            StringWriter table = new StringWriter();
            NotesCsv.write(all.drafts(), where, timed, table);
            keep(table.toString());
        } catch (IOException e) {
            throw new StoreException("The notes could not be written to " + csv + ": " + e.getMessage(), e);
        }
    }

    private void keep(String table) throws StoreException {
        try {
            Path part = csv.resolveSibling("." + csv.getFileName() + ".part");
            Files.writeString(part, table);
            Files.move(part, csv, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new StoreException("The notes could not be written to " + csv + ": " + e.getMessage(), e);
        }
    }

    private void tell(int cues, Spoken.All all, Whereabouts where) {
        PrintWriter out = spec.commandLine().getOut();
        out.println(cues + " captions, " + all.drafts().size() + " notes in " + csv);
        for (Contradiction c : Contradictions.in(all, where, unit())) {
            double at = all.drafts().stream()
                    .filter(s -> s.key().equals(c.key()))
                    .findFirst()
                    .map(Spoken::seconds)
                    .orElse(0.0);
            out.println(String.format(Locale.ROOT, "%d:%02d  %s", (long) at / 60, (long) at % 60, c.words())
                    + c.likely().map(d -> "; likely " + unit().show(d)).orElse(""));
        }
    }
}
