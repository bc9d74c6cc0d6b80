package hitch.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Who got what: every issue that was made of a job, in the order they were made. Immutable.
 *
 * @param issues the issues of all recipients
 */
public record Parcels(List<Issue> issues) {
    public static final Parcels NONE = new Parcels(List.of());

    /**
     * One issue of one recipient's parcel.
     *
     * @param made how it was made
     * @param sent each time it went out
     * @param takenBack how it was taken back; empty where it stands
     */
    public record Issue(Deed.Made made, List<Deed.Sent> sent, Optional<Deed.TakenBack> takenBack) {
        public Issue {
            sent = List.copyOf(sent);
        }

        private boolean isOf(Deed deed) {
            return made.recipient().equals(deed.recipient()) && made.issue() == deed.issue();
        }
    }

    public Parcels {
        issues = List.copyOf(issues);
    }

    /** The same after something happened; what is about no issue there is changes nothing. */
    public Parcels with(Deed deed) {
        List<Issue> next = new ArrayList<>();
        for (Issue issue : issues) {
            next.add(issue.isOf(deed) ? after(issue, deed) : issue);
        }
        if (deed instanceof Deed.Made made) {
            next.removeIf(i -> i.isOf(made));
            next.add(new Issue(made, List.of(), Optional.empty()));
        }
        return new Parcels(next);
    }

    private static Issue after(Issue issue, Deed deed) {
        return switch (deed) {
            case Deed.Sent sent -> {
                List<Deed.Sent> all = new ArrayList<>(issue.sent());
                all.add(sent);
                yield new Issue(issue.made(), all, issue.takenBack());
            }
            case Deed.TakenBack back -> new Issue(issue.made(), issue.sent(), Optional.of(back));
            case Deed.Made made -> issue;
            case Deed.Lost lost -> issue;
        };
    }

    /** The issues that one recipient's parcel had, in order. */
    public List<Issue> of(String recipient) {
        return issues.stream()
                .filter(i -> i.made().recipient().equals(recipient))
                .toList();
    }

    /** The newest of them. */
    public Optional<Issue> newest(String recipient) {
        return of(recipient).stream().reduce((a, b) -> b);
    }

    /** The number that the next issue takes. */
    public int next(String recipient) {
        return of(recipient).stream().mapToInt(i -> i.made().issue()).max().orElse(0) + 1;
    }
}
