/** What the findings say together: verdicts, escape paths, and the next step. */
@NullMarked
package silentotter.core.diagnosis;

import org.jspecify.annotations.NullMarked;
