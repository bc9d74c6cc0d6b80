package hitch.media.film;

import hitch.core.disclosure.Disclosure;
import hitch.core.footage.ClipId;
import hitch.core.sketch.FilmMap;
import hitch.core.story.CardShot;
import hitch.core.story.Cutting;
import hitch.core.story.FindingShot;
import hitch.core.story.FootageShot;
import hitch.core.story.MapShot;
import hitch.core.story.ShownFrames;
import hitch.core.story.SideBySideShot;
import hitch.core.story.StillShot;
import java.awt.Color;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes of each shot what it shows. */
final class Scenes implements AutoCloseable {
    private final Disclosure may;
    private final Optional<FilmMap> map;
    private final Color cards;
    private final int rate;
    private final FilmFootage footage;

    Scenes(
            Disclosure may,
            Map<ClipId, StoryRenderer.Source> sources,
            Optional<FilmMap> map,
            Color cards,
            FilmShape shape) {
        this.may = may;
        this.map = map;
        this.cards = cards;
        this.rate = shape.rate();
        this.footage = new FilmFootage(may, sources);
    }

    Scene of(Cutting.Placed placed) {
        return switch (placed.shot()) {
            case CardShot card -> new CardScene(card, footer(), cards);
            case FindingShot f -> new FindingScene(f, placed, frames(placed, f), footage, may);
            case FootageShot f -> new PlayScene(f, frames(placed, f), footage, may);
            case SideBySideShot s -> new SideScene(s, footer(), footage);
            case StillShot s -> new StillScene(s, placed, footage);
            case MapShot m ->
                map.<Scene>map(drawn -> new MapScene(m, drawn, placed, may))
                        .orElseGet(() -> new CardScene(
                                new CardShot(m.key(), m.title(), List.of(), m.narration(), m.tail()), footer(), cards));
        };
    }

    private ShownFrames frames(Cutting.Placed placed, FootageShot shot) {
        return ShownFrames.of(placed, shot, footage.frames(shot.frame().clip()), rate, may);
    }

    private String footer() {
        String firm = may.facts().firm();
        return may.title() + (firm.isBlank() ? "" : "  ·  " + firm);
    }

    @Override
    public void close() {
        footage.close();
    }
}
