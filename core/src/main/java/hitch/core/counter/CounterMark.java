package hitch.core.counter;

/** Something known about the counter at one frame of a clip. */
public sealed interface CounterMark permits Reading, Zeroing {
    /** The frame's presentation time in its clip, ticks. */
    long pts();

    MarkSource by();

    /** The same on a counter that counts units {@code times} as long. */
    CounterMark times(double times);

    /** The same, said by a person. */
    CounterMark confirmed();
}
