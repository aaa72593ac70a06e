/** The gauges and testers a shop owns, and how far each can be trusted. */
package silentotter.core.instruments;
