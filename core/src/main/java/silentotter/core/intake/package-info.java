/** Why the engine is here and what is told of it: complaint, history, use, service log. */
package silentotter.core.intake;
