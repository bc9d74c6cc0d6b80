package hitch.core.note.grammar;

/** Words of the vocabulary that say a detail: each is said of the nearest thing that can have it. */
final class SaidRule implements MoreRules.Rule {
    @Override
    public void read(Sense sense) {
        for (int i = 0; i < sense.parts().size(); i++) {
            int at = i;
            sense.parts()
                    .as(i, Meaning.Said.class)
                    .ifPresent(said -> sense.nearest(at, c -> c.asks(said.detail()))
                            .ifPresent(
                                    c -> c.sayText(said.detail(), said.value()).understanding(said.detail(), at, at)));
        }
    }
}
