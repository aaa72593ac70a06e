/** What a record of a job says: everything that was observed in, one interpretation out. Needs no database. */
package silentotter.core.interpretation;
