/** Sentences that carry quantities, so that every screen and print can show them in the user's units. */
package silentotter.core.wording;
