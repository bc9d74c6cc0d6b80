package hitch.core.story;

import java.util.List;

/** Shots that belong together, under one title. */
public record Chapter(String title, List<Shot> shots) {
    public Chapter {
        shots = List.copyOf(shots);
    }
}
