/** Spark plugs: what is seen on each, read as a set first, then plug by plug. */
package silentotter.core.plugs;
