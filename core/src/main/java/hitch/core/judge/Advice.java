package hitch.core.judge;

import hitch.core.finding.FindingId;
import java.util.List;

/**
 * Something Hitch proposes.
 *
 * @param proposal what to do, one sentence in plain words
 * @param because the reason, one sentence
 * @param unless what would change it, one sentence; empty where nothing would
 * @param restsOn the findings it rests on, in order of station
 */
public record Advice(String proposal, String because, String unless, List<FindingId> restsOn) {
    public Advice {
        restsOn = List.copyOf(restsOn);
    }
}
