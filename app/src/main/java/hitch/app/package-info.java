/** The command line and the launcher: each command is one class, all through the same core as the window. */
package hitch.app;
