/** Files of waveforms: taken as they stream in, kept with the job, and made into strokes. */
@NullMarked
package silentotter.app.waveform;

import org.jspecify.annotations.NullMarked;
