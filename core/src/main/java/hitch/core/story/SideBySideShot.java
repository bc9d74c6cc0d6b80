package hitch.core.story;

import hitch.core.finding.FindingId;
import hitch.core.footage.FrameRef;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * Stills beside each other: several joints that are alike, or one place before and after.
 *
 * @param key what it goes by
 * @param title what is shown
 * @param panels two to four stills
 * @param narration what is spoken over them
 * @param tail seconds they stand when that was said
 */
@RecordBuilder
public record SideBySideShot(String key, String title, List<Panel> panels, String narration, double tail)
        implements Shot, SideBySideShotBuilder.With {
    /** Stills that find room beside each other. */
    public static final int MOST = 4;

    /**
     * One still.
     *
     * @param finding what it shows
     * @param frame the frame
     * @param label what stands over it: a place, or before and after
     * @param caption what stands under it
     */
    public record Panel(FindingId finding, FrameRef frame, String label, String caption) {}

    public SideBySideShot {
        panels = List.copyOf(panels);
    }

    @Override
    public List<FrameRef> shown() {
        return panels.stream().map(Panel::frame).toList();
    }

    @Override
    public List<String> written() {
        return panels.stream().map(p -> p.label() + ": " + p.caption()).toList();
    }

    @Override
    public SideBySideShot saying(String words) {
        return withNarration(words);
    }

    @Override
    public SideBySideShot standing(double seconds) {
        return withTail(seconds);
    }
}
