package hitch.core.note.grammar;

import hitch.core.finding.FindingKind;
import java.util.Optional;

/**
 * How a sentence is read once its words are looked up: one step after another, each of which does one thing to the
 * {@link Reading}. First amounts are made of figures, then claims of words and amounts, then what is left open is taken
 * from what was said before.
 */
enum Step {
    /** Takes out how many there were and how long it took: "nine of twenty-four joints", "ten minutes". */
    COUNTS_AND_TIMES {
        @Override
        void take(Reading r) {
            Figures.times(r.parts());
        }
    },
    /** Joins figures with their units. */
    UNITS {
        @Override
        void take(Reading r) {
            Amounts.join(r.parts());
        }
    },
    /** Takes out what the speaker takes back: "seventeen, no, twenty-seven". */
    CORRECTIONS {
        @Override
        void take(Reading r) {
            r.setCorrects(Corrections.make(r.parts()));
        }
    },
    /** Gives tools their width, and typed hours their clock. */
    TOOLS {
        @Override
        void take(Reading r) {
            Figures.tools(r.parts(), r.isTyped());
        }
    },
    /** Joins the two ends of a stretch, an arc or a share. */
    RANGES {
        @Override
        void take(Reading r) {
            Ranges.join(r.parts(), r.unit());
        }
    },
    /** Settles what each figure measures: a place, a size, a depth, a share, a bore, or something else. */
    ROLES {
        @Override
        void take(Reading r) {
            Roles.settle(r.parts(), r.unit(), r.isTyped());
        }
    },
    /** "From ten feet, for six": a place and a length are a stretch. */
    STRETCHES {
        @Override
        void take(Reading r) {
            Stretches.join(r.parts());
        }
    },
    /** Joins a bore with what the pipe is made of. */
    PIPES {
        @Override
        void take(Reading r) {
            Pipes.join(r.parts());
        }
    },
    /** "Here" is the place on show, where no other place is said. */
    HERE {
        @Override
        void take(Reading r) {
            int places = new Hints(r.parts()).count(Meaning.Place.class);
            for (int i = 0; i < r.parts().size() && places != 1; i++) {
                if (r.parts().is(i, Glue.HERE)) {
                    r.parts().set(i, new Meaning.Here());
                }
            }
        }
    },
    /** Finds where the pipe becomes another. */
    CHANGES {
        @Override
        void take(Reading r) {
            r.setPipes(new PipeChanges(r.parts(), r.isTyped()));
        }
    },
    /** Picks out what is really claimed to be there. */
    CLAIMS {
        @Override
        void take(Reading r) {
            r.setCandidates(Candidates.in(
                    r.parts(), r.isTyped(), r.changes(), r.carried().isPresent()));
        }
    },
    /** "Same again at 40": the draft before it, there. */
    REPEATED {
        @Override
        void take(Reading r) {
            boolean place = new Hints(r.parts()).any(Meaning.Place.class);
            boolean again = place && r.againAt() >= 0 && r.candidates().stream().noneMatch(Candidate::isFinding);
            r.before().filter(d -> again).ifPresent(d -> {
                r.setRepeated(d);
                r.candidates().add(new Candidate(d.matter(), r.againAt()));
            });
        }
    },
    /** Reads details, and what is told rather than found: {@link MoreRules} has them in their order. */
    DETAILS {
        @Override
        void take(Reading r) {
            MoreRules.read(new Sense(r.parts(), r.candidates(), r.isTyped()));
        }
    },
    /** Gives sides, sizes and shares to what they are said of. */
    TRAITS {
        @Override
        void take(Reading r) {
            TraitsGiven.give(r.parts(), r.candidates());
        }
    },
    /** "Blister at 40, tar paper pipe": with one pipe named and no change, what is found is of that pipe. */
    OF_PIPE {
        @Override
        void take(Reading r) {
            boolean change = r.candidates().stream()
                    .anyMatch(c -> c.is(FindingKind.MATERIAL_CHANGE) || c.is(FindingKind.SIZE_CHANGE));
            if (change
                    || r.pipes().size() != 1
                    || r.pipes().getFirst().part().wall().isEmpty()) {
                return;
            }
            r.candidates().stream()
                    .filter(c -> c.isCondition() || c.is(FindingKind.JOINT))
                    .findFirst()
                    .ifPresent(c -> c.of(r.pipes().getFirst().part().withSize(Optional.empty())));
        }
    },
    /** What is said once of several things is each one's. */
    SHARED {
        @Override
        void take(Reading r) {
            Shared.give(r.parts(), r.candidates());
        }
    },
    /** Gives places, and makes one of what is named twice. */
    PLACES {
        @Override
        void take(Reading r) {
            Doubles doubles = new Doubles(r.parts());
            r.setCandidates(doubles.once(Places.give(r.parts(), doubles.alone(r.candidates()))));
        }
    },
    /** "We are at 42 feet." "There's a root.": the place that the sentence before gave. */
    HERE_AS_SAID_BEFORE {
        @Override
        void take(Reading r) {
            r.carried()
                    .ifPresent(p -> r.candidates().stream()
                            .filter(c -> !c.isPlaced() && c.isFinding() && !c.is(FindingKind.ADVICE))
                            .findFirst()
                            .ifPresent(c -> c.setPlace(new Phrase(p, "", 0, 0))));
        }
    };

    abstract void take(Reading reading);
}
