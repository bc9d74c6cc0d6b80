/** What the firm keeps outside jobs: who it is, its house rules and prices, its own words. Reached from every bench. */
package hitch.desk.firm;
