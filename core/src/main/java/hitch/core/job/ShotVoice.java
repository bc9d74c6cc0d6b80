package hitch.core.job;

/** Who speaks over a shot in place of the narrator. It is heard only as long as the shot's words are those that were said. */
public sealed interface ShotVoice permits Recording, ClipWords {
    /** The words that are said. */
    String says();
}
