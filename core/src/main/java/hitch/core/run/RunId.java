package hitch.core.run;

/** The name of a run within its job. */
public record RunId(String value) {}
