/**
 * Footage whose truth is known: a scenario ({@code scene}) says what a made-up pipe has in it, {@code pipe} and {@code body} draw that,
 * {@code view} looks at it through a lens, {@code film} records it, and {@code truth} tells what is true of what was recorded. The demo
 * jobs ship as footage that was made so; nothing outside knows.
 */
package hitch.sim;
