/** What is seen before anything is loosened: oil, coolant, outside leaks, breather, oil pressure, smoke. */
package silentotter.core.signs;
