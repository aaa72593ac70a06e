/** The practice room: a copy of the application with a folder of its own, and what is done to hidden engines in it. */
@NullMarked
package silentotter.app.practice;

import org.jspecify.annotations.NullMarked;
