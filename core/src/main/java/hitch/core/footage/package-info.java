/**
 * What a clip is. A clip is one read-only footage file, known by its SHA-256. A frame is named by its presentation time
 * in the stream's own time base, an integer; comparing two frame times is exact, and seconds are only for display. The
 * {@link hitch.core.footage.FrameIndex} lists every frame of a clip in presentation order.
 */
package hitch.core.footage;
