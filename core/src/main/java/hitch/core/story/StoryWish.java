package hitch.core.story;

import hitch.core.story.words.PhraseBook;

/**
 * How a story is wished for.
 *
 * @param length how long
 * @param seed which of several ways of saying things is taken
 * @param phrases the sentences it is told in
 * @param speech how long they take to speak
 */
public record StoryWish(Length length, long seed, PhraseBook phrases, Cutting.Speech speech) {
    public static final StoryWish USUAL = new StoryWish(Length.STANDARD, 1, PhraseBook.SHIPPED, Cutting.Speech.USUAL);

    public StoryWish lasting(Length other) {
        return new StoryWish(other, seed, phrases, speech);
    }

    public StoryWish seeded(long other) {
        return new StoryWish(length, other, phrases, speech);
    }

    /** The same in a firm's own sentences where it has any. */
    public StoryWish phrased(PhraseBook own) {
        return new StoryWish(length, seed, PhraseBook.SHIPPED.with(own), speech);
    }

    public StoryWish spokenBy(Cutting.Speech other) {
        return new StoryWish(length, seed, phrases, other);
    }
}
