import { say } from '../words';
import { expand } from 'jsonld';
import type { Recipe as SchemaRecipe, WithContext } from 'schema-dts';
import { getIngredient } from '../catalogue';
import { compositionOf, drinkOf, thirstGrams } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf, EMPTY_REQUEST, type ConversionRequest } from '../kitchen';
import { roundGrams, toEnd } from '../quantity';
import { takeIn } from '../exchange';
import { readText } from '../testing';
import { convert, convertSteps, quickDocket, sayMinutes, toJsonLd, toMarkdown, type Docket } from '.';

const MUFFINS =
  'Plum muffins\nMakes 12\n250 g plain flour\n2 tsp baking powder\n½ tsp salt\n150 g caster sugar\n1 egg\n240 ml buttermilk\n80 g butter, melted\n150 g diced plums\nflour for dusting\nMethod\nHeat the oven to 190°C. Dust a 12-hole muffin tin with flour.\nWhisk the flour, powder, salt and sugar.\nStir in the rest. Do not overmix.\nBake for 18 to 20 minutes.';
const recipe = readText(MUFFINS);
const ask = (request: Partial<ConversionRequest> = {}): ConversionRequest => ({
  ...EMPTY_REQUEST,
  ...request,
});
function docketOf(request: Partial<ConversionRequest> = {}): Docket {
  const result = convert(recipe, ask(request), BUILT_IN_KITCHEN);
  if (result.outcome !== 'docket') throw new Error(result.reasons.map(say).join());
  return result.docket;
}
const docket = docketOf();

describe('a quick docket', () => {
  const { slow } = toEnd(convertSteps(recipe, ask(), BUILT_IN_KITCHEN));
  it('is the whole one when nothing has changed', () => {
    const quick = quickDocket(recipe, ask(), BUILT_IN_KITCHEN, slow);
    expect(quick).toEqual({ outcome: 'docket', docket });
  });
  it('balances anew with the blend it was given', () => {
    const quick = quickDocket(recipe, ask({ school: 'husk' }), BUILT_IN_KITCHEN, slow);
    if (quick?.outcome !== 'docket') throw new Error('no docket');
    expect(quick.docket.parts[0]!.lines.some(({ ingredient }) => ingredient === 'psyllium-husk')).toBe(true);
    expect(quick.docket.bake).toEqual(docket.bake);
  });
  it('is none where a flour of that blend is out, or where there is no blend yet', () => {
    const flour = docket.parts[0]!.blend[0]!.ingredient;
    expect(quickDocket(recipe, ask({ withoutFlours: [flour] }), BUILT_IN_KITCHEN, slow)).toBeNull();
    expect(quickDocket(recipe, ask(), BUILT_IN_KITCHEN, null)).toBeNull();
  });
  it('says at once what needs neither blend nor bake', () =>
    expect(quickDocket(readText('2 eggs'), ask(), BUILT_IN_KITCHEN, null)?.outcome).toBe(
      'nothing-to-convert',
    ));
});

describe('its lines', () => {
  const { lines } = docket.parts[0]!;
  it('keep the recipe’s order, with the blend where the flour stood', () => {
    const names = lines.map(({ name }) => name);
    expect(names.indexOf('baking powder')).toBe(docket.parts[0]!.blend.length);
    expect(names.indexOf('buttermilk')).toBeLessThan(names.indexOf('butter'));
  });
  it('are weighed as a cook weighs', () => {
    for (const { grams } of lines) if (grams) expect(roundGrams(grams.central)).toBeCloseTo(grams.central, 9);
  });
  it('dust with something without gluten', () => {
    const dust = lines.find(({ source }) => source === 'flour for dusting')!;
    expect(dust).toMatchObject({ grams: null, changed: true, ingredient: 'white-rice-flour' });
  });
  it('say what has changed and leave the rest', () => {
    const changed = (id: string) => lines.find(({ ingredient }) => ingredient === id)!.changed;
    expect(changed('butter')).toBe(false);
    expect(changed('buttermilk')).toBe(true);
    expect(changed('xanthan-gum')).toBe(true);
  });
});

describe('its method', () => {
  const words = docket.method.map(({ text }) => text).join('\n');
  it('keeps every step of the recipe, and marks what is said otherwise', () => {
    const written = docket.method.flatMap(({ source }) => source ?? []);
    expect(written).toEqual(recipe.method.map(({ source }) => source));
    for (const { source, text, changed } of docket.method)
      if (source !== null) expect(text !== source).toBe(changed);
  });
  it('shows the rest of the docket', () =>
    expect(words).toContain(`${docket.rest.minutes[0]} to ${sayMinutes(docket.rest.minutes[1])}`));
  it('soaks a husk', () =>
    expect(
      docketOf({ school: 'husk' })
        .method.map(({ text }) => text)
        .join(),
    ).toMatch(/leave it for 10 minutes to gel/));
  it('is made even where the recipe has none', () => {
    const result = convert(
      readText('200 g plain flour\n100 g butter\n150 g sugar\n1 egg'),
      ask({ family: 'drop-cookie' }),
      BUILT_IN_KITCHEN,
    );
    if (result.outcome !== 'docket') throw new Error('no docket');
    expect(result.docket.method.map(({ text }) => text).join()).toMatch(
      /chill it for .*Bake at .* for about \d+ minutes/s,
    );
    expect(result.docket.warnings.map(say).join()).toMatch(/no bake time/);
  });
});

describe('its guard', () => {
  it('tells what a swap brings in', () =>
    expect(docketOf({ diet: 'grain-free' }).guard.newTo).toContain('tree nuts'));
  it('is never clear: open, answered, or nothing open', () => {
    expect(docket.guard.state).toBe('open');
    const answers = docket.guard.open.map(({ line, key }) => ({
      line,
      answer: 'label-checked' as const,
      about: key,
      on: '2026-06-20',
      by: '',
    }));
    expect(docketOf({ answers }).guard.state).toBe('answered');
  });
  it('lets nothing out that is avoided, or says that it can’t', () => {
    const fish = readText('200 g plain flour\n100 g butter\n2 tsp fish sauce\n1 egg');
    const result = convert(fish, ask({ without: ['fish'], family: 'muffin' }), BUILT_IN_KITCHEN);
    expect(['infeasible', 'docket']).toContain(result.outcome);
    if (result.outcome === 'docket')
      expect(result.docket.guard.lines.flatMap(({ allergens }) => allergens)).not.toContain('fish');
  });
  it('names the limits that clash', () => {
    const result = convert(
      recipe,
      ask({ pins: [{ ingredient: 'almond-flour', share: 0.3, held: true }], without: ['tree nuts'] }),
      BUILT_IN_KITCHEN,
    );
    expect(result).toMatchObject({
      outcome: 'infeasible',
      reasons: [{ code: 'held-but-out', values: { name: expect.stringMatching(/almond/) as string } }],
      relax: [{ code: 'wishes', values: { of: [{ code: 'let-go' }] } }],
    });
  });
});

describe('a pastry with its filling', () => {
  const galette = readText(
    'Plum galette\nFor the pastry:\n225 g plain flour\n150 g butter\n45 ml water\nFor the filling:\n600 g plums\n70 g sugar\n1 tbsp plain flour\nMethod\nBake on a tray at 200°C for 40 to 45 minutes.',
  );
  const result = convert(galette, ask({ family: 'pastry' }), BUILT_IN_KITCHEN);
  if (result.outcome !== 'docket') throw new Error('no docket');
  const [crust, filling] = result.docket.parts;
  it('converts part by part', () => {
    expect(crust!.blend.length).toBeGreaterThan(1);
    expect(filling!.blend).toEqual([]);
    expect(filling!.lines.map(({ ingredient }) => ingredient)).toContain('corn-starch');
  });
  it('bakes as one', () => {
    expect(result.docket.bake.minutes!.central).toBeGreaterThan(34);
    expect(result.docket.bake.minutes!.central).toBeLessThan(52);
  });
});

describe('out of the house', () => {
  // schema.org's vocabulary as a JSON-LD 1.1 processor (npm jsonld) reads it; the context is given by hand, nothing is fetched.
  it('is linked data that a reader we did not write takes', async () => {
    // It is a Recipe by schema.org's own types too, or this wouldn't compile.
    const typed: WithContext<SchemaRecipe> = toJsonLd(docket);
    const { '@context': _, ...rest } = typed;
    const [node] = await expand({ '@context': { '@vocab': 'https://schema.org/' }, ...rest } as object);
    const of = (name: string) => node![`https://schema.org/${name}`] as { '@value': string }[];
    expect(node!['@type']).toEqual(['https://schema.org/Recipe']);
    expect(of('name')[0]!['@value']).toBe('Plum muffins');
    expect(of('recipeIngredient')).toHaveLength(docket.parts[0]!.lines.length);
    expect(of('cookTime')[0]!['@value']).toMatch(/^PT\d+M$/);
  });
  it('comes back in as it went out', () => {
    const back = readText(takeIn('docket.jsonld', JSON.stringify(toJsonLd(docket))).recipes[0]!.text);
    const weights = (one: typeof back) =>
      one.parts.flatMap(({ lines }) =>
        lines.flatMap(({ items }) =>
          items.flatMap(({ ingredient, grams }) => (grams ? [[ingredient, grams.central]] : [])),
        ),
      );
    expect(weights(back)).toEqual(
      docket.parts[0]!.lines.flatMap(({ ingredient, grams }) => (grams ? [[ingredient, grams.central]] : [])),
    );
    expect(convert(back, ask(), BUILT_IN_KITCHEN)).toMatchObject({ docket: { conversion: 'as-written' } });
  });
  it('comes back in from Markdown too', () => {
    const markdown = toMarkdown(docket);
    expect(markdown).toMatch(/^# Plum muffins\n/);
    const back = readText(markdown);
    expect(back.title).toBe('Plum muffins');
    const names = back.parts.flatMap(({ lines }) =>
      lines.flatMap(({ items }) => items.map(({ ingredient }) => ingredient)),
    );
    expect(names).toEqual(expect.arrayContaining(['buttermilk', 'xanthan-gum', 'egg']));
  });
  it('lets no mark of Markdown through from a person’s words', () => {
    const sly = convert(
      readText(MUFFINS.replace('Plum muffins', 'Plum *muffins* [x](y)')),
      ask(),
      BUILT_IN_KITCHEN,
    );
    if (sly.outcome !== 'docket') throw new Error('no docket');
    expect(toMarkdown(sly.docket)).toContain('# Plum \\*muffins\\* \\[x\\](y)');
  });
});

describe('kitchen rounding', () => {
  it('moves no balance by more than 2 %', () => {
    const catalogue = catalogueOf(BUILT_IN_KITCHEN);
    for (const { lines, balances } of docket.parts) {
      const rounded = lines.flatMap(({ id, ingredient, name, grams }) =>
        ingredient !== null && grams
          ? [
              {
                line: id,
                ingredient,
                name,
                role: getIngredient(catalogue, ingredient).role,
                grams: grams.central,
                low: 0,
                high: 0,
              },
            ]
          : [],
      );
      const { fat, sugars } = compositionOf(rounded, catalogue);
      for (const [id, now] of [
        ['fat', fat],
        ['sugar', sugars],
      ] as const) {
        const { converted } = balances.find((one) => one.id === id)!;
        expect(Math.abs(now - converted)).toBeLessThanOrEqual(0.02 * converted);
      }
      const thirst = thirstGrams(rounded, catalogue);
      const { converted } = balances.find((one) => one.id === 'drinkThirst')!;
      expect(Math.abs(drinkOf(rounded, catalogue) / thirst - converted)).toBeLessThanOrEqual(
        0.02 * converted,
      );
    }
  });
});
