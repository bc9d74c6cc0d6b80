package hitch.core.note.grammar;

import java.util.Set;

/** Tells whether water was run to see where it arrives, or a camera, a line or a picture. */
final class FixtureTests {
    private static final Set<String> FIXTURES = Set.of(
            "sink",
            "toilet",
            "tub",
            "shower",
            "kitchen",
            "bath",
            "bathroom",
            "laundry",
            "washer",
            "faucet",
            "hose",
            "water",
            "dishwasher",
            "basin",
            "lavatory",
            "dye",
            "fixture",
            "fixtures",
            "commode",
            "bathtub",
            "washing",
            "drain",
            "spigot",
            "bib",
            "toilets",
            "sinks",
            "drains",
            "tap");
    private static final Set<String> OTHER_RUNS = Set.of(
            "camera",
            "line",
            "cable",
            "pipe",
            "counter",
            "head",
            "video",
            "snake",
            "light",
            "lights",
            "locator",
            "jetter",
            "machine",
            "recorder",
            "screen",
            "scope",
            "cutter",
            "main",
            "monitor",
            "with",
            "same",
            "whole",
            "length");

    private final Phrases parts;
    private final boolean typed;
    private final boolean placed;
    private final Scopes scopes;
    private final Hints hints;

    FixtureTests(Phrases parts, boolean typed, boolean placed) {
        this.parts = parts;
        this.typed = typed;
        this.placed = placed;
        this.scopes = new Scopes(parts, typed);
        this.hints = new Hints(parts);
    }

    boolean isMadeAt(int i) {
        if (scopes.isUndone(i) && !typed && !hints.anyText("saw", "see", "came", "seen")) {
            return false;
        }
        if (!typed && parts.says(i - 1, "ill", "well", "lets")) {
            return false;
        }
        if (parts.says(i - 1, "cut", "to", "is") && parts.says(i, "flush")
                || parts.says(i, "flush") && parts.says(i + 1, "with")) {
            return false;
        }
        if (parts.at(i).text().startsWith("flush") && parts.has(i + 1, Meaning.Thing.class) && !anyFixture()) {
            return false;
        }
        if (parts.says(i, "flushing", "flush") && parts.says(i - 1, "the", "from", "after")) {
            return false;
        }
        for (int j = i + 1; j <= i + 3 && !FIXTURES.contains(parts.at(j).text()); j++) {
            if (OTHER_RUNS.contains(parts.at(j).text())) {
                return false;
            }
        }
        if (parts.at(i).text().matches("flush.*|.*toilet.*|.*dye.*|.*fixture.*|.*sink.*|.*shower.*|.*tub.*")) {
            return !parts.says(i, "flush") || !placed || anyFixture();
        }
        return anyFixture();
    }

    private boolean anyFixture() {
        for (int j = 0; j < parts.size(); j++) {
            for (String word : parts.at(j).text().split(" ")) {
                if (FIXTURES.contains(word)) {
                    return true;
                }
            }
        }
        return false;
    }
}
