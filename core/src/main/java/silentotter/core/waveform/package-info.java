/** Recorded waveforms: read from files, made into strokes, and what those say. */
@NullMarked
package silentotter.core.waveform;

import org.jspecify.annotations.NullMarked;
