package hitch.app;

import hitch.core.disclosure.Disclosure;
import hitch.core.disclosure.Recipient;
import hitch.core.story.Cutting;
import hitch.core.story.Length;
import hitch.core.story.OwnVoices;
import hitch.core.story.ScriptText;
import hitch.core.story.ScriptWriter;
import hitch.core.story.Story;
import hitch.core.survey.Survey;
import hitch.store.JobFolder;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Prints what a film would say, with its shots. */
@Command(
        name = "script",
        description = "Prints the words of a film with its shots.",
        footer = {"", "Example:", "  ./hitch script demo --recipient owner --length short"},
        mixinStandardHelpOptions = true)
final class ScriptCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(index = "0", paramLabel = "JOB", description = "Job folder, or demo for a fresh demo job.")
    private String job;

    @Option(names = "--recipient", required = true, paramLabel = "WHO", description = "Who it is for, such as owner.")
    private Recipient recipient;

    @Option(names = "--length", paramLabel = "LENGTH", description = "full, standard, short, or seconds.")
    private Length length = Length.STANDARD;

    @Option(names = "--seed", paramLabel = "N", description = "Other words for another number.")
    private long seed = 1;

    @Override
    public Integer call() throws Exception {
        Terminal terminal = new Terminal(spec.commandLine().getErr());
        try (JobFolder folder = Jobs.open(job, spec.commandLine().getErr())) {
            Survey survey = HandingOver.survey(folder, recipient, false, terminal);
            Disclosure may = Disclosure.of(survey, recipient);
            Story story = ScriptWriter.write(may, Jobs.wish().lasting(length).seeded(seed));
            Cutting cutting = Cutting.of(
                    story,
                    OwnVoices.over(Cutting.Speech.USUAL, may),
                    s -> may.footage().around(s.frame(), s.before(), s.after()));
            spec.commandLine().getOut().print(ScriptText.of(story, cutting));
            spec.commandLine().getOut().flush();
        }
        return 0;
    }
}
