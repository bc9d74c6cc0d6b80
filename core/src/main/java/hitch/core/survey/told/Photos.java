package hitch.core.survey.told;

import hitch.core.finding.FindingId;
import hitch.core.finding.LocatedFinding;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.Clip;
import hitch.core.footage.ClipId;
import hitch.core.measure.Extent;
import hitch.core.measure.Station;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Photographs and what they show. One that a finding was marked on shows that finding, unless something else was said. */
public final class Photos {
    /**
     * @param clip the photograph
     * @param at the place of the line; empty where it shows none
     * @param finding what it shows; empty where it is none
     * @param room the fixture it shows; blank where it is none
     */
    public record Photo(Clip clip, Optional<Station> at, Optional<LocatedFinding> finding, String room) {
        /** Whether it is known what it shows. */
        public boolean isPlaced() {
            return at.isPresent() || finding.isPresent() || !room.isBlank();
        }
    }

    private final List<Photo> all;

    private Photos(List<Photo> all) {
        this.all = List.copyOf(all);
    }

    /**
     * @param clips all footage, photographs among it
     * @param places what was said of them
     * @param things each finding once
     */
    public static Photos of(List<Clip> clips, Map<ClipId, PhotoPlace> places, List<LocatedFinding> things) {
        return new Photos(clips.stream()
                .filter(Clip::photo)
                .map(c -> photo(c, Optional.ofNullable(places.get(c.id())), things))
                .toList());
    }

    private static Photo photo(Clip clip, Optional<PhotoPlace> place, List<LocatedFinding> things) {
        if (place.isEmpty()) {
            return shows(clip, marked(clip, things));
        }
        return switch (place.get()) {
            case PhotoPlace.AtStation p -> new Photo(clip, Optional.of(p.at()), Optional.empty(), "");
            case PhotoPlace.OfFinding p -> shows(clip, thing(p.id(), things));
            case PhotoPlace.OfFixture p -> new Photo(clip, Optional.empty(), Optional.empty(), p.room());
        };
    }

    private static Photo shows(Clip clip, Optional<LocatedFinding> finding) {
        return new Photo(clip, finding.flatMap(LocatedFinding::extent).map(Extent::from), finding, "");
    }

    private static Optional<LocatedFinding> thing(FindingId id, List<LocatedFinding> things) {
        return things.stream().filter(f -> f.ids().contains(id)).findFirst();
    }

    private static Optional<LocatedFinding> marked(Clip clip, List<LocatedFinding> things) {
        return things.stream()
                .filter(f -> f.finding().frame().clip().equals(clip.id())
                        || f.finding().sightings().stream()
                                .anyMatch(s -> s.frame().clip().equals(clip.id())))
                .findFirst();
    }

    /** In the order they came in. */
    public List<Photo> all() {
        return all;
    }

    public Optional<Photo> of(ClipId id) {
        return all.stream().filter(p -> p.clip().id().equals(id)).findFirst();
    }
}
