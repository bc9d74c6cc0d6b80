/**
 * The window. {@link hitch.desk.Workspace} holds the open job and turns edits into new snapshots off the interface
 * thread; {@link hitch.desk.play.Player} shows frames; each bench is a package of its own and listens to both.
 */
package hitch.desk;
