package hitch.app;

import hitch.desk.HitchWindow;
import hitch.sim.DemoJob;
import hitch.store.DataFolder;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "demo",
        description = {
            "Opens a fresh copy of the demo job; the shipped one is never changed.",
            "second: a line before and after its cleaning, with a branch and a stretch that was replaced."
        },
        footer = {"", "Example:", "  ./hitch demo", "  ./hitch demo second"},
        mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer>, OpensWindow {
    @Spec
    private CommandSpec spec;

    @Parameters(
            index = "0",
            arity = "0..1",
            paramLabel = "WHICH",
            defaultValue = "demo",
            description = "demo or second.")
    private String which;

    @Override
    public Integer call() throws Exception {
        DemoJob job = DemoJob.of(which)
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(), "There is no demo job \"" + which + "\"; there is demo, and second."));
        WindowApp.open(HitchWindow.freshDemo(job, DataFolder.path()));
        return 0;
    }
}
