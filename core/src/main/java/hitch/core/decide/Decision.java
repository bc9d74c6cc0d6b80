package hitch.core.decide;

import hitch.core.finding.FindingId;
import java.util.Set;

/** One thing that a person decided on what was proposed. */
public sealed interface Decision {
    /** What it does, in words, such as {@code decline an ask}. */
    String words();

    /** Says what becomes of the ask for a matter. */
    record OnAsk(Choice choice) implements Decision {
        @Override
        public String words() {
            return choice.standing().word() + " an ask";
        }
    }

    /** Gives an ask back to what is proposed. */
    record AsProposed(String theme, Set<FindingId> findings) implements Decision {
        public AsProposed {
            findings = Set.copyOf(findings);
        }

        @Override
        public String words() {
            return "take an ask as proposed";
        }
    }

    /** Writes an ask of one's own, or puts it in place of the one with its id. */
    record Own(OwnAsk ask) implements Decision {
        @Override
        public String words() {
            return "write an ask";
        }
    }

    record DropOwn(String id) implements Decision {
        @Override
        public String words() {
            return "drop an ask";
        }
    }

    /** Says that findings are one matter, whatever the rules make of them, and what it is called. */
    record AsOne(Grouping grouping) implements Decision {
        @Override
        public String words() {
            return "make one matter of " + grouping.findings().size() + " findings";
        }
    }

    /** Gives findings back to the matters that the rules make. */
    record AsMany(Set<FindingId> findings) implements Decision {
        public AsMany {
            findings = Set.copyOf(findings);
        }

        @Override
        public String words() {
            return "let the rules make the matters";
        }
    }

    /** Says what became of a question; blank words leave it open again. */
    record OnQuestion(String question, Answer answer) implements Decision {
        @Override
        public String words() {
            return switch (answer.kind()) {
                case SETTLED -> "settle a question";
                case UNKNOWN -> "hand a question on as unknown";
                case OPEN -> "open a question again";
            };
        }
    }

    /** Puts the verdict in one's own words; blank gives it back to what is proposed. */
    record Worded(String verdict, String writtenOn) implements Decision {
        public Worded {
            verdict = verdict.strip();
        }

        @Override
        public String words() {
            return verdict.isEmpty() ? "take the verdict as proposed" : "word the verdict";
        }
    }

    /** Lays an earlier visit beside this one. */
    record Beside(EarlierVisit visit) implements Decision {
        @Override
        public String words() {
            return "lay the visit of " + visit.when() + " beside";
        }
    }

    record NotBeside(String id) implements Decision {
        @Override
        public String words() {
            return "take an earlier visit away";
        }
    }
}
