package hitch.store.described;

import hitch.core.finding.FindingId;
import hitch.core.finding.PhotoPlace;
import hitch.core.footage.ClipId;
import hitch.core.job.Edit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What photographs show: each by its name, with the place, the finding or the fixture. */
final class PhotoForms {
    private static final FieldForm<Edit.PlacePhoto> PHOTO = new FieldForm<Edit.PlacePhoto>("A photograph")
            .text("name", p -> p.photo().value(), (p, t) -> new Edit.PlacePhoto(new ClipId(t), p.place()))
            .value(
                    "at",
                    p -> place(p, PhotoPlace.AtStation.class).map(s -> Texts.station(s.at())),
                    Texts::station,
                    "12.5 ft toward the building",
                    (p, s) -> showing(p, new PhotoPlace.AtStation(s)))
            .text(
                    "finding",
                    p -> place(p, PhotoPlace.OfFinding.class)
                            .map(f -> f.id().value())
                            .orElse(""),
                    (p, t) -> showing(p, new PhotoPlace.OfFinding(new FindingId(t))))
            .text(
                    "fixture",
                    p -> place(p, PhotoPlace.OfFixture.class)
                            .map(PhotoPlace.OfFixture::room)
                            .orElse(""),
                    (p, t) -> showing(p, new PhotoPlace.OfFixture(t)));

    private PhotoForms() {}

    private static <T> Optional<T> place(Edit.PlacePhoto photo, Class<T> sort) {
        return photo.place().filter(sort::isInstance).map(sort::cast);
    }

    private static Edit.PlacePhoto showing(Edit.PlacePhoto photo, PhotoPlace place) {
        if (photo.place().isPresent()) {
            throw new IllegalArgumentException("a photograph shows one of: at, finding, fixture");
        }
        return new Edit.PlacePhoto(photo.photo(), Optional.of(place));
    }

    static List<Map<String, Object>> write(Map<ClipId, PhotoPlace> photos) {
        List<Map<String, Object>> written = new ArrayList<>();
        photos.forEach((id, place) -> written.add(PHOTO.write(new Edit.PlacePhoto(id, Optional.of(place)))));
        return written;
    }

    static List<Edit> read(Value list) throws DescribedException {
        Map<ClipId, Edit> read = new LinkedHashMap<>();
        for (Value value : list.list()) {
            Edit.PlacePhoto start = new Edit.PlacePhoto(new ClipId("photograph"), Optional.empty());
            if (!value.map().containsKey("name")) {
                throw value.wrong("a photograph needs its name: name: stake-by-the-gate");
            }
            Edit.PlacePhoto photo = PHOTO.read(value, start);
            if (photo.place().isEmpty()) {
                throw value.wrong("a photograph shows something: at: 12.5 ft, finding: F3, or fixture: laundry");
            }
            if (read.put(photo.photo(), photo) != null) {
                throw value.wrong("two photographs are called \"" + photo.photo() + "\"");
            }
        }
        return List.copyOf(read.values());
    }
}
