/** Where a page is kept that was typed and not yet written down, by job. */
export const UNSENT = 'silent-otter.oil-page.';
