package hitch.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;

/** Files that a hand brings from another program, where no other program is at hand: the events that the window gets of it. */
final class Dropped {
    private Dropped() {}

    /** Drags files over a part of the window, which has to say that it takes them, and lets go. */
    static void on(Node node, Path... files) {
        Dragboard board = mock(Dragboard.class);
        List<java.io.File> all = Arrays.stream(files).map(Path::toFile).toList();
        when(board.hasFiles()).thenReturn(true);
        when(board.getTransferModes()).thenReturn(EnumSet.allOf(TransferMode.class));
        when(board.getFiles()).thenReturn(all);
        DragEvent over = event(DragEvent.DRAG_OVER, node, board);
        node.fireEvent(over);
        assertThat(over.isAccepted() || over.getAcceptedTransferMode() != null)
                .as("it says that it takes what is dragged over it")
                .isTrue();
        node.fireEvent(event(DragEvent.DRAG_DROPPED, node, board));
    }

    private static DragEvent event(EventType<DragEvent> type, Node node, Dragboard board) {
        return new DragEvent(node, node, type, board, 10, 10, 10, 10, TransferMode.LINK, null, node, null);
    }
}
