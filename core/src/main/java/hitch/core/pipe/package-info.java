/**
 * What a pipe is: its {@link hitch.core.pipe.Material}, its {@link hitch.core.pipe.PipeSize}, the
 * {@link hitch.core.pipe.PipeSpan}s it is made of (not knowing is a span too), the {@link hitch.core.pipe.Opening}s it is
 * got into by, and the {@link hitch.core.pipe.Branch}es that join it.
 */
package hitch.core.pipe;
