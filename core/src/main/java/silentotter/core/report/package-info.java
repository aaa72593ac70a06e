/** What is handed over: one page for the owner, one that says how it was found. Content only; the application draws it. */
@NullMarked
package silentotter.core.report;

import org.jspecify.annotations.NullMarked;
