/** The Marrow Sound harbour yard. */
@NullMarked
package silentotter.app.demo;

import org.jspecify.annotations.NullMarked;
