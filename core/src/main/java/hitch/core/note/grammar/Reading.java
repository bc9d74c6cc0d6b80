package hitch.core.note.grammar;

import hitch.core.measure.LengthUnit;
import hitch.core.note.Draft;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A sentence while {@link Step}s read it: its parts, and what they were found to speak of so far. */
final class Reading {
    private final Phrases parts;
    private final LengthUnit unit;
    private final boolean typed;
    private final Optional<Draft> before;
    private final Optional<Meaning.Place> carried;

    private boolean corrects;
    private List<Candidate> changes = List.of();
    private List<Meaning.Pipe> pipes = List.of();
    private List<Candidate> candidates = new ArrayList<>();
    private Optional<Draft> repeated = Optional.empty();

    /**
     * @param typed whether it was typed as a note, so that a bare word is meant as a finding
     * @param before the draft before it, which "same again at 40" repeats
     * @param carried the place that the sentence before gave for this one
     */
    Reading(Phrases parts, LengthUnit unit, boolean typed, Optional<Draft> before, Optional<Meaning.Place> carried) {
        this.parts = parts;
        this.unit = saidIn(parts, unit);
        this.typed = typed;
        this.before = before;
        this.carried = carried;
    }

    /** All steps in their order; none of a sentence without a word of the trade. */
    Reading whole() {
        return parts.saySomething() ? until(Step.HERE_AS_SAID_BEFORE) : this;
    }

    /** The steps up to one, that one included. */
    Reading until(Step last) {
        for (Step step : Step.values()) {
            if (step.compareTo(last) <= 0) {
                step.take(this);
            }
        }
        return this;
    }

    /** A unit that is written once holds for the numbers about it. */
    private static LengthUnit saidIn(Phrases parts, LengthUnit unit) {
        boolean metres = false;
        boolean feet = false;
        for (int i = 0; i < parts.size(); i++) {
            boolean number = parts.has(i - 1, Meaning.Number.class);
            metres |= number && parts.is(i, Glue.METRES);
            feet |= number && (parts.is(i, Glue.FEET) || parts.says(i, "'"));
        }
        return metres && !feet ? LengthUnit.METRES : unit;
    }

    Phrases parts() {
        return parts;
    }

    /** The unit of its bare numbers. */
    LengthUnit unit() {
        return unit;
    }

    boolean isTyped() {
        return typed;
    }

    Optional<Draft> before() {
        return before;
    }

    Optional<Meaning.Place> carried() {
        return carried;
    }

    /** Whether it corrects the sentence before it. */
    boolean corrects() {
        return corrects;
    }

    void setCorrects(boolean it) {
        corrects = it;
    }

    /** Changes of pipe that it tells. */
    List<Candidate> changes() {
        return changes;
    }

    /** Pipes that are named without a change. */
    List<Meaning.Pipe> pipes() {
        return pipes;
    }

    void setPipes(PipeChanges told) {
        changes = told.changes();
        pipes = told.context();
    }

    /** What it really speaks of, in the order of the words. */
    List<Candidate> candidates() {
        return candidates;
    }

    void setCandidates(List<Candidate> found) {
        candidates = found;
    }

    /** The draft before it, where it says that one again. */
    Optional<Draft> repeated() {
        return repeated;
    }

    void setRepeated(Draft earlier) {
        repeated = Optional.of(earlier);
    }

    /** Where it says "the same again"; negative where it does not. */
    int againAt() {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.is(i, Glue.AGAIN)) {
                return i;
            }
        }
        return -1;
    }
}
