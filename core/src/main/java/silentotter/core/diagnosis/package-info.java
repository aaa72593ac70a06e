/** What the findings say together: verdicts, escape paths, and the next step. */
package silentotter.core.diagnosis;
