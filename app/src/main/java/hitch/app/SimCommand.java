package hitch.app;

import hitch.sim.DemoJob;
import hitch.sim.film.SimulatedCamera;
import hitch.sim.scene.Scenario;
import hitch.sim.scene.ScenarioFile;
import hitch.sim.sheet.ContactSheet;
import hitch.sim.sheet.Specimens;
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
        description = {
            "Records a scenario with the simulated camera: its clips, and the truth beside each.",
            "How a scenario is written: docs/SCENES.md."
        },
        footer = {
            "",
            "Example:",
            "  ./hitch sim demo --out OUT",
            "  ./hitch sim my-pipe.yaml --out OUT",
            "  ./hitch sim sheets --out docs/scenes"
        },
        mixinStandardHelpOptions = true)
final class SimCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(
            index = "0",
            paramLabel = "SCENARIO",
            description =
                    "Scenario file (YAML); demo or second for the shipped ones; sheets for a picture of each thing.")
    private String scenario;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "Folder to write into.")
    private Path out;

    @Override
    public Integer call() throws Exception {
        OutFolder.of(out, List.of());
        if (scenario.equals("sheets")) {
            for (String name : Specimens.all().keySet()) {
                ContactSheet.save(name, out);
            }
        } else {
            Scenario read = DemoJob.of(scenario).isPresent()
                    ? DemoJob.of(scenario).get().scenario()
                    : ScenarioFile.read(Path.of(scenario));
            new SimulatedCamera(read, Voice.technician())
                    .recordAll(out, new Terminal(spec.commandLine().getErr()));
        }
        spec.commandLine().getOut().println(out);
        return 0;
    }
}
