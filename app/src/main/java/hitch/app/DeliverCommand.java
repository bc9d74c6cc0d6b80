package hitch.app;

import hitch.core.story.Audience;
import hitch.core.survey.Reckoner;
import hitch.core.survey.Survey;
import hitch.media.voice.BuiltInVoice;
import hitch.store.Footage;
import hitch.store.JobFolder;
import hitch.store.handover.Delivery;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "deliver",
        description = "Writes the narrated video, captions, report, tables and manifest for one recipient.",
        footer = {"", "Example:", "  ./hitch deliver demo --audience homeowner --out OUT"},
        mixinStandardHelpOptions = true)
final class DeliverCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo.")
    private String job;

    @Option(names = "--audience", required = true, description = "One of ${COMPLETION-CANDIDATES}, in any case.")
    private Audience audience;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder to write into.")
    private Path out;

    @Override
    public Integer call() throws Exception {
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        try (JobFolder folder = Jobs.open(job)) {
            Survey survey = Reckoner.survey(folder.job(), new Footage(folder.folder()).watched(folder.job()));
            Delivery delivery =
                    new Delivery(survey, new Footage(folder.folder()), BuiltInVoice.narrator(), Clock.systemUTC());
            Path video = delivery.write(audience, out, terminal);
            spec.commandLine().getOut().println(video);
        }
        return 0;
    }
}
