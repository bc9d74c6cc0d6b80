/**
 * A district's own form: the firm keeps for a recipient from where and which way its distances rise, in what unit, which
 * codes stand for which finding, and the columns of its table ({@link hitch.core.district.DistrictForm}). The codes come
 * from a table that the user supplies ({@link hitch.core.district.CodeTable}); Hitch ships none.
 */
package hitch.core.district;
