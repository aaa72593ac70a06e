/** One visit of one engine: when, why, by whom, in what air. */
package silentotter.core.job;
