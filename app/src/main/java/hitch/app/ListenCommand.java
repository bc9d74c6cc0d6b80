package hitch.app;

import hitch.core.caption.Cue;
import hitch.core.exchange.CaptionText;
import hitch.core.exchange.HeardJson;
import hitch.core.heard.HeardLines;
import hitch.core.heard.HeardWord;
import hitch.core.note.grammar.TradeNoteReader;
import hitch.core.story.Cutting.Caption;
import hitch.media.MediaException;
import hitch.media.clip.ClipFacts;
import hitch.media.clip.ClipIndexer;
import hitch.media.ears.Listener;
import hitch.models.ModelFolder;
import hitch.store.DataFolder;
import hitch.store.StoreException;
import hitch.store.out.OutFile;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "listen",
        description = {
            "Listens to a clip and writes down what is said on it, on this machine alone.",
            "The captions can be edited, dropped on the footage, and read with ./hitch notes."
        },
        footer = {"", "Example:", "  ./hitch listen street.mp4 --vtt street.vtt", "  ./hitch listen street.mp4 --json"},
        mixinStandardHelpOptions = true)
final class ListenCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "CLIP", description = "Footage with sound; it is only read.")
    private Path file;

    @Option(names = "--vtt", paramLabel = "OUT", description = "Captions to write, as WebVTT.")
    private Path vtt;

    @Option(names = "--srt", paramLabel = "OUT", description = "Captions to write, as SubRip.")
    private Path srt;

    @Option(names = "--json", description = "Every word with its times and how sure it is, as JSON on standard output.")
    private boolean json;

    @Override
    public Integer call() throws MediaException, StoreException {
        if (vtt == null && srt == null && !json) {
            throw new StoreException("Name what to write: --vtt OUT, --srt OUT or --json.");
        }
        OutFile captions = vtt == null ? null : OutFile.text(vtt, "vtt", List.of(file));
        OutFile subs = srt == null ? null : OutFile.text(srt, "srt", List.of(file));
        ClipFacts facts = ClipIndexer.index(file);
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        List<HeardWord> words;
        try (Listener.Source sound = Listener.of(file, facts.index())) {
            words = new Listener(new ModelFolder(DataFolder.path()))
                    .listen(sound, List.of(), 0, (at, all) -> {}, terminal);
        }
        List<Cue> cues = HeardLines.of(words, new TradeNoteReader());
        List<Caption> lines = cues.stream()
                .map(c -> new Caption(c.start(), c.end(), c.text()))
                .toList();
        if (captions != null) {
            captions.write(CaptionText.webVtt(lines));
        }
        if (subs != null) {
            subs.write(CaptionText.subRip(lines));
        }
        if (json) {
            spec.commandLine()
                    .getOut()
                    .println(HeardJson.write(file.getFileName().toString(), words));
        } else {
            long doubtful = words.stream().filter(HeardWord::isDoubtful).count();
            spec.commandLine()
                    .getOut()
                    .println(words.size() + " words in " + cues.size() + " captions"
                            + (doubtful == 0 ? "" : ", " + doubtful + " of them doubtful"));
        }
        return 0;
    }
}
