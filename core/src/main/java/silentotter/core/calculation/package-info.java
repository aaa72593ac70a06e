/** Formulas that can be asked for without a job, each with its allowed ranges. */
package silentotter.core.calculation;
