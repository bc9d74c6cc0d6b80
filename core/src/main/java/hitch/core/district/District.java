package hitch.core.district;

/**
 * What the firm keeps of a district.
 *
 * @param form how it wants what it gets
 * @param codes its codes; none where the user supplied none
 */
public record District(DistrictForm form, CodeTable codes) {}
