import { marked } from 'marked';
import { toMarkdown } from './markdown';
import type { MeasureSystem } from './system';
import type { Docket } from './types';

const STYLE = `:root{color-scheme:light dark}body{font:1.05rem/1.45 system-ui,sans-serif;max-width:42rem;margin:0 auto;padding:1rem}
h1{font-size:1.6rem;margin:.2em 0}h2{font-size:1.15rem;margin:1.2em 0 .3em}ul,ol{padding-left:1.4em}li{margin:.25em 0}
@page{margin:18mm}@media print{body{font-size:10.5pt;max-width:none;padding:0}}`;
const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const asText = (words: string): string => words.replace(/[&<>"]/g, (mark) => ENTITIES[mark]!);

/**
 * A docket as one page that opens anywhere without a server: its style in it, no script, and nothing fetched. Its words go through
 * the Markdown, where every mark of a person's words is escaped.
 */
export const toHtml = (docket: Docket, system?: MeasureSystem): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'">
<title>${asText(docket.title)}</title>
<style>${STYLE}</style>
</head>
<body>
${marked.parse(toMarkdown(docket, system), { async: false })}</body>
</html>
`;
