/**
 * Footage, sound and voice: everything that touches files of pictures or sound. {@code clip} reads, {@code render}
 * writes, {@code voice} speaks, {@code draw} holds the shipped typefaces and colours. Sources are opened read only.
 */
package hitch.media;
