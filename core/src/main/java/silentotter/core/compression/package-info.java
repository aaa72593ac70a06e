/** The cranking compression test: readings, conditions, and everything that can be concluded from them alone. */
package silentotter.core.compression;
