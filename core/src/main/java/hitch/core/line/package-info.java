/**
 * What a person knows of the line besides what the camera saw: its branches, its ends, the ground above it, and what was
 * said by hand of a stretch ({@link hitch.core.line.LineFacts}).
 */
package hitch.core.line;
