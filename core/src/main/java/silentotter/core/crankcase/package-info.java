/** The crankcase of a two-stroke: whether it holds pressure and vacuum. */
package silentotter.core.crankcase;
