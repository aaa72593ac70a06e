/** The cylinder leak-down test: any tester's reading as a leak area, where it goes, and what cannot be true. */
package silentotter.core.leakdown;
