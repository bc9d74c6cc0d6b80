package hitch.app;

/** A command that opens a window, and so needs a display; the launcher sees to it that there is one. */
interface OpensWindow {}
