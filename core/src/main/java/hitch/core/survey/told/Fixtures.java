package hitch.core.survey.told;

import hitch.core.detail.Arrival;
import hitch.core.detail.Count;
import hitch.core.detail.Detail;
import hitch.core.detail.Details;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Every room or fixture that was named, and what became of its water. */
public final class Fixtures {
    /**
     * One room or fixture.
     *
     * @param room its name
     * @param ran how long, how much or how often water was run; blank where nobody said
     * @param arrived what became of the water; untested where none was run
     * @param delay after how long it came; blank where nobody said
     * @param branch where it comes in; blank where nobody said
     * @param findings what tells of it
     */
    public record Fixture(
            String room, String ran, Arrival arrived, String delay, String branch, List<FindingId> findings) {
        /** In a sentence: {@code kitchen: run 5 min, its water never came}. */
        public String words() {
            List<String> parts = new ArrayList<>();
            if (!ran.isBlank()) {
                parts.add("run " + ran);
            }
            parts.add(came());
            return room + ": " + String.join(", ", parts);
        }

        /** What became of its water: {@code its water was seen to come after 40 s}. */
        public String came() {
            return Detail.ARRIVED.say(arrived) + (delay.isBlank() ? "" : " after " + delay);
        }
    }

    private final List<Fixture> all;

    private Fixtures(List<Fixture> all) {
        this.all = List.copyOf(all);
    }

    /** What {@code findings} tell; a room that was only named is untested, and what was said last of one stands. */
    public static Fixtures of(List<LocatedFinding> findings) {
        Map<String, Fixture> rooms = new LinkedHashMap<>();
        for (LocatedFinding found : findings) {
            Details details = found.finding().traits().details();
            Optional<String> room = details.get(Detail.ROOM);
            if (found.finding().kind() == FindingKind.REMARK && room.isPresent()) {
                for (String name : room.get().split("\\s*,\\s*")) {
                    rooms.putIfAbsent(
                            name,
                            new Fixture(
                                    name,
                                    "",
                                    Arrival.UNTESTED,
                                    "",
                                    "",
                                    List.of(found.finding().id())));
                }
            } else if (found.finding().kind() == FindingKind.FIXTURE_TEST && room.isPresent()) {
                rooms.merge(room.get(), tested(found, details, room.get()), Fixtures::later);
            }
        }
        return new Fixtures(List.copyOf(rooms.values()));
    }

    private static Fixture tested(LocatedFinding found, Details details, String room) {
        String ran = details.get(Detail.RAN)
                .or(() -> details.get(Detail.COUNT).map(Count::words).map(n -> n + " times"))
                .orElse("");
        return new Fixture(
                room,
                ran,
                details.get(Detail.ARRIVED).orElse(Arrival.UNTESTED),
                details.text(Detail.DELAY),
                details.get(Detail.BRANCH).orElse(""),
                List.of(found.finding().id()));
    }

    private static Fixture later(Fixture was, Fixture is) {
        List<FindingId> both = new ArrayList<>(was.findings());
        both.addAll(is.findings());
        boolean tells = is.arrived() != Arrival.UNTESTED;
        return new Fixture(
                is.room(),
                is.ran().isBlank() ? was.ran() : is.ran(),
                tells ? is.arrived() : was.arrived(),
                is.delay().isBlank() ? was.delay() : is.delay(),
                is.branch().isBlank() ? was.branch() : is.branch(),
                both);
    }

    /** Each once, in the order they were first named. */
    public List<Fixture> all() {
        return all;
    }

    public List<Fixture> which(Arrival arrived) {
        return all.stream().filter(f -> f.arrived() == arrived).toList();
    }

    /** Whether water was run and seen or heard to come anywhere, so that the line was put to a test. */
    public boolean anyArrived() {
        return all.stream().anyMatch(f -> f.arrived() == Arrival.SEEN || f.arrived() == Arrival.HEARD);
    }
}
