package hitch.bench;

import hitch.core.finding.FindingKind;
import hitch.core.finding.Topic;
import hitch.core.talk.like.Likeness;
import hitch.core.talk.like.Likeness.Like;
import hitch.core.talk.like.Phrase;
import hitch.sense.WordSense;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;

/** How rightly it is told what words are like that were left out while it was learned; and the net that all phrases teach. */
public final class LikenessTable {
    private static final int PARTS = 5;
    private static final double[] CERTAINTIES = {0.5, 0.6, 0.7, 0.8, 0.9, 0.95};

    private final List<Phrase> phrases = Phrase.shipped();
    private final List<Phrase> said = Phrase.said();
    private final WordSense sense;

    /** @throws IOException where the sense of words cannot be reckoned on this machine */
    public LikenessTable() throws IOException {
        sense = WordSense.shipped().orElseThrow(() -> new IOException("The sense of words is not to be had here."));
    }

    private record Tried(Phrase phrase, Like like) {
        boolean isThing() {
            return phrase.matter().isPresent();
        }

        boolean isSure(double certainty) {
            return like.matter().isPresent() && like.certainty() >= certainty;
        }

        boolean isRight() {
            return broad(phrase.matter()).equals(broad(like.matter()));
        }

        private static Optional<Object> broad(Optional<Topic> matter) {
            return matter.map(m -> m instanceof FindingKind kind ? kind.broad() : m);
        }
    }

    /** @param net where to write the net that all phrases teach; the table is told where there is none */
    public void run(Optional<Path> net, Consumer<String> say) throws IOException {
        if (net.isPresent()) {
            teach(net.get());
        } else {
            tell(say);
        }
    }

    /** Each phrase asked of what the others taught, in five parts. */
    private void tell(Consumer<String> say) {
        List<Tried> tried = new ArrayList<>();
        for (int part = 0; part < PARTS; part++) {
            List<Phrase> others = new ArrayList<>();
            List<Phrase> left = new ArrayList<>();
            for (int i = 0; i < phrases.size(); i++) {
                (i % PARTS == part ? left : others).add(phrases.get(i));
            }
            Likeness taught = Likeness.taughtBy(others, said, Optional.of(sense));
            left.forEach(p -> tried.add(new Tried(p, taught.of(p.words()))));
        }
        say.accept(phrases.size() + " phrases, each asked of what four fifths of the others taught:");
        for (double certainty : CERTAINTIES) {
            double told = share(tried, Tried::isThing, t -> t.isSure(certainty));
            double right = share(tried, t -> t.isThing() && t.isSure(certainty), Tried::isRight);
            double invented = share(tried, t -> !t.isThing(), t -> t.isSure(certainty));
            say.accept(String.format(
                    Locale.ROOT,
                    "  sure by %.2f: %.1f %% of things told, %.1f %% of them right; of nothings %.1f %%",
                    certainty,
                    100 * told,
                    100 * right,
                    100 * invented));
        }
    }

    private static double share(List<Tried> tried, Predicate<Tried> of, Predicate<Tried> is) {
        List<Tried> all = tried.stream().filter(of).toList();
        return all.isEmpty() ? 0 : (double) all.stream().filter(is).count() / all.size();
    }

    /** Writes the net that all phrases teach, which ships beside them. */
    private void teach(Path net) throws IOException {
        try (OutputStream to = new BufferedOutputStream(Files.newOutputStream(net))) {
            Likeness.netTaughtBy(phrases, said, sense).write(to);
        }
    }
}
