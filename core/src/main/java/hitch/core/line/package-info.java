/**
 * The pipe itself, with one stationing. A {@link hitch.core.line.Run} is one trip of the camera from an opening, with or
 * against the flow; it turns cable into {@link hitch.core.line.Station}s on the line. What the pipe is made of between
 * two stations is a {@link hitch.core.line.PipeSpan}, and not knowing is a span too.
 */
package hitch.core.line;
