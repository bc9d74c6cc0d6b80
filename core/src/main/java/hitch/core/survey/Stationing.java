package hitch.core.survey;

import hitch.core.line.ReadFrom;
import hitch.core.measure.Extent;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import java.util.Optional;

/**
 * Reads distances along the line from any place on it. The line stays where it is; only the numbers change.
 *
 * @param from what they are read from; {@link ReadFrom#OPENING} where the one asked for is not known
 * @param zero its station
 * @param asked what was asked for
 */
public record Stationing(ReadFrom from, Station zero, ReadFrom asked) {
    static Stationing of(ReadFrom asked, Optional<Station> wall, Optional<Station> main, Optional<Station> boundary) {
        Optional<Station> zero = switch (asked) {
            case OPENING -> Optional.of(Station.DATUM);
            case WALL -> wall;
            case MAIN -> main;
            case BOUNDARY -> boundary;
        };
        return zero.map(z -> new Stationing(asked, z, asked))
                .orElseGet(() -> new Stationing(ReadFrom.OPENING, Station.DATUM, asked));
    }

    /** The station as read from {@link #from}: rising with the flow, negative up the line of it. */
    public Station read(Station station) {
        return new Station(station.mm() - zero.mm());
    }

    public Extent read(Extent extent) {
        return new Extent(read(extent.from()), read(extent.to()));
    }

    /** The station on the line that reads as {@code read}. */
    public Station meant(Station read) {
        return new Station(read.mm() + zero.mm());
    }

    /** In words, such as {@code 31.4 ft toward the main}, with what it is read from unless that is the opening. */
    PlaceWords words(Extent extent, LengthUnit unit) {
        Extent read = read(extent);
        boolean across = read.from().mm() < 0 && read.to().mm() > 0;
        String distance = across ? read.show(unit) : read.distances(unit);
        return new PlaceWords(distance, (read.side() + behind()).strip());
    }

    private String behind() {
        return from == ReadFrom.OPENING ? "" : " from " + from.word();
    }
}
