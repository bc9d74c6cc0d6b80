package hitch.store.described;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/** A part of the text, which knows where it stands. */
final class Value {
    private final Node node;

    Value(Node node) {
        this.node = node;
    }

    boolean isText() {
        return node instanceof ScalarNode;
    }

    /** One line of words or figures. */
    String text() throws DescribedException {
        if (node instanceof ScalarNode scalar) {
            return scalar.getValue();
        }
        throw wrong("one value was meant here, not several");
    }

    List<Value> list() throws DescribedException {
        if (node instanceof SequenceNode sequence) {
            return sequence.getValue().stream().map(Value::new).toList();
        }
        throw wrong("a list was meant here, each entry behind a dash");
    }

    List<String> texts() throws DescribedException {
        List<String> texts = new ArrayList<>();
        for (Value value : list()) {
            texts.add(value.text());
        }
        return texts;
    }

    /** Keys and values; a key that stands twice is told. */
    Map<String, Value> map() throws DescribedException {
        if (!(node instanceof MappingNode mapping)) {
            throw wrong("keys and values were meant here, such as kind: roots");
        }
        Map<String, Value> map = new LinkedHashMap<>();
        for (NodeTuple tuple : mapping.getValue()) {
            Value key = new Value(tuple.getKeyNode());
            if (map.put(key.text(), new Value(tuple.getValueNode())) != null) {
                throw key.wrong("\"" + key.text() + "\" stands here twice");
            }
        }
        return map;
    }

    /** Where a key stands. */
    DescribedException wrongKey(String name, String what) {
        if (node instanceof MappingNode mapping) {
            for (NodeTuple tuple : mapping.getValue()) {
                if (tuple.getKeyNode() instanceof ScalarNode key
                        && key.getValue().equals(name)) {
                    return new Value(key).wrong(what);
                }
            }
        }
        return wrong(what);
    }

    DescribedException wrong(String what) {
        Optional<Mark> mark = node.getStartMark();
        return new DescribedException(
                mark.map(m -> m.getLine() + 1).orElse(1),
                mark.map(m -> m.getColumn() + 1).orElse(1),
                what);
    }
}
