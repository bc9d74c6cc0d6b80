package hitch.core.line;

/**
 * Where the camera went in.
 *
 * @param kind what it is, in words, such as {@code two-way cleanout}
 * @param place where it is, in words
 * @param material material of the pipe at the opening
 * @param size size of the pipe at the opening
 */
public record Opening(String kind, String place, Material material, PipeSize size) {}
