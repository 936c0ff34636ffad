import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { BagDto, BakeDto, DayDto, KitchenDocumentDto, MoveDto, RecipeDocumentDto, SettingsDto } from '.';
import { NULLABLE } from './said';

const faultsOf = (of: new () => object, plain: object) =>
  new Set(validateSync(plainToInstance(of, plain)).map(({ property }) => property));
const fields = NULLABLE.map(({ of, name }) => [of.name, name, of] as const);

describe('a field that may be null', () => {
  it('is marked so in every contract', () => {
    expect(
      [BagDto, BakeDto, DayDto, KitchenDocumentDto, MoveDto, RecipeDocumentDto, SettingsDto].every(Boolean),
    ).toBe(true);
    const files = readdirSync(__dirname).filter((name) => /^\w+\.ts$/.test(name) && name !== 'said.ts');
    const declared = files.flatMap((name) =>
      [
        ...readFileSync(join(__dirname, name), 'utf8').matchAll(/^ {2}(?:@.*\) )?(\w+)!: [^;]*\| null;$/gm),
      ].map(([, field]) => field!),
    );
    expect(fields.map(([, name]) => name).sort()).toEqual(declared.sort());
    expect(fields.length).toBeGreaterThan(25);
  });
  it.each(fields)('%s.%s can’t be left out, and may be null', (_, name, of) => {
    expect(faultsOf(of, {})).toContain(name);
    expect(faultsOf(of, { [name]: null })).not.toContain(name);
    expect(faultsOf(of, { [name]: Symbol('nonsense') })).toContain(name);
  });
  it('that may be left out isn’t null for that', () => {
    const answer = { schema: 2, docket: 'x', notes: { looks: [{ when: 'cooled', marks: { rise: null } }] } };
    const [notes] = validateSync(plainToInstance(BakeDto, answer)).filter(
      ({ property }) => property === 'notes',
    );
    expect(notes!.children!.some(({ property }) => property === 'looks')).toBe(true);
  });
});

describe('a day', () => {
  const bag = (opened: string) => faultsOf(BagDto, { schema: 2, opened });
  it.each(['2026-02-31', '2026-13-01', '2025-02-29', '26-01-01', '2026-1-1', 'yesterday'])(
    '%s is none',
    (day) => expect(bag(day)).toContain('opened'),
  );
  it.each(['2026-02-28', '2024-02-29'])('%s is one', (day) => expect(bag(day)).not.toContain('opened'));
});
