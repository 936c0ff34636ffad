import { toHtml } from '@omniarton/core/docket';

/** Fetched when somebody asks for it: what writes HTML is a library of its own. */
export const asHtml = toHtml;
