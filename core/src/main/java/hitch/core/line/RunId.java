package hitch.core.line;

/** The name of a run within its job. */
public record RunId(String value) {}
