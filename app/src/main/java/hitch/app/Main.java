package hitch.app;

import hitch.core.disclosure.Recipient;
import hitch.core.exchange.Symbols;
import hitch.core.story.Length;
import hitch.media.MediaException;
import hitch.store.DataFolder;
import hitch.store.StoreException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hitch}: without a command it opens the window. */
@Command(
        name = "hitch",
        description = "Reviews recorded sewer-camera footage and hands over narrated evidence.",
        footer = {"", "Example:", "  ./hitch demo", "  ./hitch ~/jobs/alder-row"},
        mixinStandardHelpOptions = true,
        version = "Hitch 0.1.0",
        subcommands = {
            DemoCommand.class,
            TakeInCommand.class,
            MissingCommand.class,
            EyesCommand.class,
            DeliverCommand.class,
            DistrictCommand.class,
            ClipCommand.class,
            ProbeCommand.class,
            MeasureCommand.class,
            StillCommand.class,
            RecoverCommand.class,
            CounterCommand.class,
            ListenCommand.class,
            NotesCommand.class,
            DescribeCommand.class,
            LineCommand.class,
            JudgeCommand.class,
            ScriptCommand.class,
            HistoryCommand.class,
            VerifyCommand.class,
            BenchCommand.class,
            SimCommand.class,
            ShotsCommand.class
        })
public final class Main implements Runnable {
    @Parameters(index = "0", arity = "0..1", paramLabel = "JOB", description = "Job folder to open; else the last one.")
    private Path job;

    @Option(
            names = "--list-commands",
            hidden = true,
            description = "Tells each command, and whether it opens a window; for the launcher.")
    private boolean listed;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        if (listed) {
            commands(spec.commandLine()).forEach(spec.commandLine().getOut()::println);
            spec.commandLine().getOut().flush();
        } else {
            WindowApp.open(job);
        }
    }

    /** {@code deliver plain}, {@code demo window}: every command, and whether it needs a window. */
    static List<String> commands(CommandLine line) {
        return line.getSubcommands().entrySet().stream()
                .map(e -> e.getKey() + (e.getValue().getCommand() instanceof OpensWindow ? " window" : " plain"))
                .toList();
    }

    public static void main(String[] args) {
        Path data = DataFolder.path();
        System.setProperty("hitch.log", data.resolve("hitch.log").toString());
        System.exit(run(commandLine(), args));
    }

    /** Runs a command; whatever happens in it is told in one line. */
    static int run(CommandLine line, String... args) {
        try {
            return line.execute(args);
        } catch (Throwable e) {
            line.getErr().println(plain(e));
            line.getErr().flush();
            return 1;
        }
    }

    static CommandLine commandLine() {
        CommandLine line = new CommandLine(new Main());
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.registerConverter(Recipient.class, Main::recipient);
        line.registerConverter(Length.class, Main::length);
        line.setParameterExceptionHandler((e, arguments) -> {
            e.getCommandLine()
                    .getErr()
                    .println(e.getMessage() + " See "
                            + e.getCommandLine().getCommandSpec().qualifiedName() + " --help.");
            return 2;
        });
        line.setExecutionExceptionHandler((e, command, parsed) -> {
            command.getErr().println(plain(e));
            return 1;
        });
        return line;
    }

    private static Length length(String text) {
        return Length.of(text)
                .orElseThrow(() -> new CommandLine.TypeConversionException(
                        "\"" + text + "\" is no length of a film; it is full, standard, short, or 20 to 3600 seconds"));
    }

    /** One of those that come with Hitch or of the firm's own. */
    private static Recipient recipient(String word) {
        List<Recipient> all;
        try {
            all = Jobs.firm().recipients();
        } catch (StoreException e) {
            throw new CommandLine.TypeConversionException(e.getMessage());
        }
        return Recipient.of(word, all)
                .orElseThrow(() -> new CommandLine.TypeConversionException("there is no recipient " + word
                        + "; there are "
                        + String.join(", ", all.stream().map(Recipient::word).toList())));
    }

    /** One plain line for the user; the whole story goes to the log. */
    private static String plain(Throwable e) {
        Logger log = LoggerFactory.getLogger(Main.class);
        if (e instanceof StoreException || e instanceof MediaException) {
            log.warn("a command failed", e);
            return e.getMessage();
        }
        log.error("a command failed", e);
        if (e instanceof OutOfMemoryError) {
            return "There was not enough memory for this, so it was given up; nothing of the job was changed.";
        }
        if (e instanceof InvalidPathException path) {
            return "A name holds letters that names of files cannot have on this machine as it is set up: "
                    + Symbols.shown(path.getInput())
                    + ". Nothing of the job was changed. Start Hitch with a language setting in UTF-8, such as LC_ALL=C.UTF-8.";
        }
        return "Something went wrong (" + e.getClass().getSimpleName() + "); nothing of the job was changed. The log "
                + System.getProperty("hitch.log", "") + " tells more.";
    }
}
