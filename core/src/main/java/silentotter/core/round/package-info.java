/** The round: its stations in the order of the work. */
package silentotter.core.round;
