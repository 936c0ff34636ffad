/** Fetched when somebody asks for a file: what writes them are libraries of their own. */
export { toCsvList, toHtml, toJsonLd, toMarkdown, toPlainText } from '@omniarton/core/docket';
