package hitch.sim.scene;

import java.util.Optional;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import tools.jackson.core.JacksonException;

/** Where in a text that stands which could not be read: the reader names the way to it, the text's own tree knows its place. */
final class YamlPlace {
    private final Optional<Node> root;

    YamlPlace(String text) {
        root = compose(text);
    }

    private static Optional<Node> compose(String text) {
        try {
            return new Compose(LoadSettings.builder().build()).composeString(text);
        } catch (YamlEngineException e) {
            return Optional.empty();
        }
    }

    String of(JacksonException e) {
        Optional<Node> node = root;
        for (JacksonException.Reference step : e.getPath()) {
            Optional<Node> next = node.flatMap(n -> child(n, step));
            node = next.isPresent() ? next : node;
        }
        Optional<Mark> mark = node.flatMap(Node::getStartMark);
        if (mark.isPresent()) {
            return told(mark.get().getLine() + 1, mark.get().getColumn() + 1);
        }
        return e.getLocation() == null
                ? told(1, 1)
                : told(e.getLocation().getLineNr(), e.getLocation().getColumnNr());
    }

    private static String told(int line, int column) {
        return "line " + Math.max(1, line) + ", column " + Math.max(1, column);
    }

    /** What a step leads to; for a key that should not be there, the key. */
    private static Optional<Node> child(Node node, JacksonException.Reference step) {
        if (node instanceof SequenceNode list
                && step.getIndex() >= 0
                && step.getIndex() < list.getValue().size()) {
            return Optional.of(list.getValue().get(step.getIndex()));
        }
        if (node instanceof MappingNode map && step.getPropertyName() != null) {
            for (NodeTuple tuple : map.getValue()) {
                if (tuple.getKeyNode() instanceof ScalarNode key
                        && key.getValue().equals(step.getPropertyName())) {
                    return Optional.of(tuple.getValueNode() instanceof ScalarNode ? key : tuple.getValueNode());
                }
            }
        }
        return Optional.empty();
    }
}
