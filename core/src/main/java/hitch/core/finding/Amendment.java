package hitch.core.finding;

/**
 * An earlier wording of a finding.
 *
 * @param wording the note as it stood before
 * @param kind the kind it had before
 */
public record Amendment(String wording, FindingKind kind) {}
