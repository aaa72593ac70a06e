/** The report as a page: in the browser, on paper, and as a PDF that carries its case file. */
@NullMarked
package silentotter.app.report;

import org.jspecify.annotations.NullMarked;
