/** Physical quantities as small immutable values: one unit inside, named units outside. */
package silentotter.core.quantity;
