/**
 * What a work costs: by the firm's own prices as a range, into which the doubt of extent and depth flows, or, where there are none, only how it
 * compares with another work. No price is ever made up. An estimate is not an offer.
 */
package hitch.core.judge.money;
