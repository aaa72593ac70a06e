/** Valve clearances against their specification. */
package silentotter.core.valves;
