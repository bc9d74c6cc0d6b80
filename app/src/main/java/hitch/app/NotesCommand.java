package hitch.app;

import hitch.core.caption.CaptionReader;
import hitch.core.caption.Cue;
import hitch.core.exchange.CounterCsv;
import hitch.core.exchange.NotesCsv;
import hitch.core.measure.LengthUnit;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.talk.Contradiction;
import hitch.core.talk.Contradictions;
import hitch.core.talk.Spoken;
import hitch.core.talk.TalkReader;
import hitch.core.talk.Whereabouts;
import hitch.store.StoreException;
import hitch.store.TextFile;
import hitch.store.out.OutFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
    private static final double LONGEST_S = 1_000_000;

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

    @Option(
            names = "--unlikely",
            description = "Also write what only sounds like something, which is left out of a new speaker's notes.")
    private boolean unlikely;

    @Option(names = "--metres", description = "Numbers said without a unit are metres; else feet.")
    private boolean metres;

    @Override
    public Integer call() throws StoreException {
        Ranges.within("--offset", offset, -LONGEST_S, LONGEST_S);
        if (phrases != null) {
            OutFile out = OutFile.text(csv, "csv", List.of(phrases));
            new PhraseTable(unit()).convert(TextFile.read(phrases), out::write);
            return 0;
        }
        if (file == null) {
            throw new StoreException("Name the captions to read, or a table of phrases with --phrases.");
        }
        OutFile out = OutFile.text(csv, "csv", trace == null ? List.of(file) : List.of(file, trace));
        String text = TextFile.read(file);
        List<Cue> cues = CaptionReader.read(text);
        boolean timed = !cues.isEmpty();
        if (!timed && CaptionReader.isTimed(text)) {
            throw new StoreException(
                    file.getFileName() + " is of captions whose times cannot be read, such as times before"
                            + " nothing. Nothing was written.");
        }
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
        write(unlikely ? all.everything() : all.drafts(), where, timed, out);
        tell(cues.size(), all, where);
        return 0;
    }

    private LengthUnit unit() {
        return metres ? LengthUnit.METRES : LengthUnit.FEET;
    }

    static CounterCsv counter(Path trace) throws StoreException {
        try {
            return CounterCsv.read(new StringReader(TextFile.read(trace)));
        } catch (IOException e) {
            throw new StoreException(trace + ": " + e.getMessage(), e);
        }
    }

    private static void write(List<Spoken> drafts, Whereabouts where, boolean timed, OutFile out)
            throws StoreException {
        try {
            StringWriter table = new StringWriter();
            NotesCsv.write(drafts, where, timed, table);
            out.write(table.toString());
        } catch (IOException e) {
            throw new StoreException("The notes could not be written: " + e.getMessage(), e);
        }
    }

    private void tell(int cues, Spoken.All all, Whereabouts where) {
        PrintWriter out = spec.commandLine().getOut();
        int written = unlikely ? all.everything().size() : all.drafts().size();
        out.println(cues + " captions, " + written + " notes in " + csv);
        if (!unlikely && !all.unlikely().isEmpty()) {
            out.println(all.unlikely().size() + " more only sound like something; --unlikely writes them too");
        }
        Map<String, Double> moments = new HashMap<>();
        all.drafts().forEach(s -> moments.putIfAbsent(s.key(), s.seconds()));
        for (Contradiction c : Contradictions.in(all, where, unit())) {
            double at = moments.getOrDefault(c.key(), 0.0);
            out.println(String.format(Locale.ROOT, "%d:%02d  %s", (long) at / 60, (long) at % 60, c.words())
                    + c.likely().map(d -> "; likely " + unit().show(d)).orElse(""));
        }
    }
}
