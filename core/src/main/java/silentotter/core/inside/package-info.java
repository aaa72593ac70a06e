/** What a camera shows through the plug or injector hole. */
package silentotter.core.inside;
