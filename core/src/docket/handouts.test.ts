import Papa from 'papaparse';
import { parseDocument } from 'htmlparser2';
import { findAll, textContent } from 'domutils';
import { docketOf } from '../testingDockets';
import { toCsvList, toHtml, toPlainText } from '.';

const HOSTILE = '<img src=x onerror=alert(1)> & co';
const docket = docketOf(
  `Lemon cake\n200 g plain flour\n150 g butter\n150 g sugar\n3 eggs\n8 g baking powder\n60 ml milk\nMethod\nCream the butter and sugar ${HOSTILE}.\nBeat in the eggs, fold in the flour and milk.\nBake in a 20 cm round tin at 180 °C for 30 minutes.`,
);

describe('a docket that is taken along', () => {
  it('is a message: its list and its numbered method', () => {
    const text = toPlainText(docket);
    expect(text).toMatch(/^Lemon cake\n/);
    for (const { text: line } of docket.parts.flatMap(({ lines }) => lines)) expect(text).toContain(line!);
    docket.method.forEach(({ text: step }, at) => expect(text).toContain(`${at + 1}. ${step}`));
  });
  it('is one page without script or anything from outside, whatever was typed', () => {
    const html = toHtml(docket);
    const page = parseDocument(html);
    const tags = findAll(() => true, page.children).map(({ name }) => name);
    for (const barred of ['script', 'img', 'link', 'iframe']) expect(tags).not.toContain(barred);
    expect(textContent(page)).toContain('onerror=alert(1)');
    expect(tags.filter((name) => name === 'li').length).toBeGreaterThan(10);
  });
  it('is a table, a line a row', () => {
    const { data } = Papa.parse<Record<string, string>>(toCsvList(docket), {
      header: true,
      skipEmptyLines: true,
    });
    expect(data).toHaveLength(docket.parts.flatMap(({ lines }) => lines).length);
    expect(data.every(({ recipe }) => recipe === 'Lemon cake')).toBe(true);
  });
});
