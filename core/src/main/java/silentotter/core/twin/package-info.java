/** The cranking twin: what a gauge will read on a cylinder of given size, speed and leak. */
package silentotter.core.twin;
