/** Everything looked at before the gauges, in one record, and what it says together. */
package silentotter.core.examination;
