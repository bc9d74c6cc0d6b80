package hitch.app;

import hitch.media.voice.BuiltInVoice;
import hitch.sim.DemoJob;
import hitch.sim.Scenario;
import hitch.sim.ScenarioFile;
import hitch.sim.SimulatedCamera;
import hitch.store.out.OutFolder;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "sim",
        description = "Records a scenario with the simulated camera: its clips, and the truth beside each.",
        footer = {"", "Example:", "  ./hitch sim demo --out OUT", "  ./hitch sim my-pipe.yaml --out OUT"},
        mixinStandardHelpOptions = true)
final class SimCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(
            index = "0",
            paramLabel = "SCENARIO",
            description = "Scenario file (YAML), or demo for the shipped one.")
    private String scenario;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder to write into.")
    private Path out;

    @Override
    public Integer call() throws Exception {
        Scenario read = scenario.equals("demo") ? DemoJob.scenario() : ScenarioFile.read(Path.of(scenario));
        OutFolder.of(out, List.of());
        new SimulatedCamera(read, BuiltInVoice.technician())
                .recordAll(out, new Terminal(spec.commandLine().getErr()));
        spec.commandLine().getOut().println(out);
        return 0;
    }
}
