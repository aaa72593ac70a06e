/** Compressible flow of air through small holes, the physics that all seal tests share. */
package silentotter.core.flow;
