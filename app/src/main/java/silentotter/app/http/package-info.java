/** What is let in, and how it is refused. */
@NullMarked
package silentotter.app.http;

import org.jspecify.annotations.NullMarked;
