package hitch.media.voice;

import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Memory that native code has let go of, and that the C library keeps for itself until it is asked to give it back. */
final class NativeMemory {
    private static final Logger LOG = LoggerFactory.getLogger(NativeMemory.class);
    /** What the C library of Linux calls it; others have no such thing, and give it back by themselves. */
    private static final String TRIM = "malloc_trim";

    private NativeMemory() {}

    static void giveBack() {
        Linker linker = Linker.nativeLinker();
        Optional<MemorySegment> trim = linker.defaultLookup().find(TRIM);
        if (trim.isEmpty()) {
            return;
        }
        try {
            int given = (int) linker.downcallHandle(
                            trim.get(), FunctionDescriptor.of(ValueLayout.JAVA_INT, ValueLayout.JAVA_LONG))
                    .invokeExact(0L);
            LOG.debug("memory given back: {}", given == 1);
        } catch (Throwable e) {
            // It is kept, then; nothing else depends on it.
            LOG.info("memory could not be given back: {}", e.toString());
        }
    }
}
