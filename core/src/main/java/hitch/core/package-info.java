/**
 * The heart of Hitch: computation only. No JavaFX, no native code, no files, no clock; values and streams in, values
 * out. The packages follow the data: {@code footage} to {@code counter} to {@code line} to {@code finding} to
 * {@code note} to {@code talk} to {@code judge} to {@code story} to {@code job} to {@code exchange}, and each uses only those before it.
 */
package hitch.core;
