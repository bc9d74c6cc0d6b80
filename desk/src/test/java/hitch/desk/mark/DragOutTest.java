package hitch.desk.mark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import hitch.core.finding.LocatedFinding;
import hitch.desk.Context;
import hitch.desk.OpenWindow;
import hitch.desk.Theme;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.beans.property.SimpleObjectProperty;
import javafx.event.Event;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

/** A finding dragged out of the list into another program, up to what is handed to the desktop: that itself carries nothing here. */
class DragOutTest extends OpenWindow {
    private final Dragboard board = mock(Dragboard.class);
    private TransferMode[] modes = {};
    private FindingCell cell;

    /** The list's own cell, with a board of ours under what is dragged. */
    private final class Cell extends FindingCell {
        Cell(Context desk) {
            super(desk, List::of);
        }

        @Override
        public Dragboard startDragAndDrop(TransferMode... wanted) {
            modes = wanted;
            return board;
        }
    }

    @BeforeEach
    void cell() {
        interact(() -> cell = new Cell(new Context(
                job().work(),
                job().player(),
                new Theme(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>(),
                new SimpleObjectProperty<>())));
    }

    private void dragOut(LocatedFinding found) {
        interact(() -> {
            cell.updateItem(found, found == null);
            Event.fireEvent(
                    cell,
                    new MouseEvent(
                            MouseEvent.DRAG_DETECTED,
                            5,
                            5,
                            5,
                            5,
                            MouseButton.PRIMARY,
                            1,
                            false,
                            false,
                            false,
                            false,
                            true,
                            false,
                            false,
                            false,
                            false,
                            false,
                            null));
        });
    }

    private ClipboardContent carried() {
        ArgumentCaptor<ClipboardContent> content = ArgumentCaptor.forClass(ClipboardContent.class);
        verify(board).setContent(content.capture());
        return content.getValue();
    }

    private LocatedFinding found() throws TimeoutException {
        marked("roots top heavy");
        LocatedFinding found = survey().noted().getFirst();
        Path still = job().work().still(found.finding());
        until(() -> Files.exists(still));
        return found;
    }

    @Test
    void aFindingIsCarriedWithItsSentenceAndItsStill() throws TimeoutException {
        LocatedFinding found = found();
        dragOut(found);
        assertThat(modes).as("the job keeps what is carried").containsExactly(TransferMode.COPY);
        assertThat(carried().getString())
                .startsWith("Roots, at the top, heavy: ")
                .endsWith(".");
        assertThat(carried().getFiles())
                .containsExactly(job().work().still(found.finding()).toFile());
    }

    @Test
    void ofAClipWithSomethingToHideOnlyTheSentenceIsCarried() throws TimeoutException {
        LocatedFinding found = found();
        hideOn(found.finding().frame().clip());
        dragOut(found);
        assertThat(carried().getString()).startsWith("Roots, at the top, heavy: ");
        assertThat(carried().hasFiles()).isFalse();
    }

    @Test
    void anEmptyRowCarriesNothing() {
        dragOut(null);
        verify(board, never()).setContent(any());
    }
}
