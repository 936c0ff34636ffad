import { v7 as newId } from 'uuid';
import type { BakeDto, KeptDocketDto, PhotoOf, TastingDto } from '@omniarton/contracts';
import { convert, type Docket } from '@omniarton/core/docket';
import { emptyNotes, type BakeNotes, type Kitchen, type Marks, type RecipeDocument } from '@omniarton/core/kitchen';
import { layOut } from '@omniarton/core/larder';
import { readRecipe } from '@omniarton/core/read';
import { holdsOf, traysOf, withBallot, type TastingDocument } from '@omniarton/core/taste';
import { ENGINE } from '../engine';
import { demoKitchen, GUESTS } from './people';
import { PICTURES } from './pictures';

/** A recipe of the demo as it is stored. */
export interface DemoRecipe {
  readonly id: string;
  readonly doc: RecipeDocument;
}

/** One bake of the demo's log with the docket that it was baked from. */
export interface DemoBake {
  readonly recipe: string;
  readonly docket: { readonly id: string; readonly doc: KeptDocketDto };
  readonly bake: { readonly id: string; readonly doc: BakeDto };
  readonly photos: readonly { readonly id: string; readonly of: PhotoOf; readonly bytes: Buffer }[];
}

/** What was written down of a bake, beside its day; `change` is what its list was changed by. */
interface Told extends Partial<Omit<BakeNotes, 'looks' | 'variant' | 'measured'>> {
  readonly on: string;
  readonly change?: readonly [from: RegExp, to: string];
  readonly name?: string;
  readonly cooled: Marks;
  readonly nextDay?: Marks;
  readonly measured?: Partial<BakeNotes['measured']>;
  readonly photos?: readonly (readonly [of: PhotoOf, picture: keyof typeof PICTURES])[];
}

/** The club's log before the tea: a study of the lemon loaf, and two bakes each of the snaps and the galette. All of it is invented. */
const LOG: Readonly<Record<string, readonly Told[]>> = {
  'Poppyseed lemon loaf': [
    {
      on: '2027-05-22',
      minutes: 58,
      cooled: { rise: 6, crumb: 5, moistness: 5, sweetness: 7, overall: 6 },
      nextDay: { moistness: 4, overall: 5 },
      measured: { filledGrams: 905, bakedGrams: 812, heightMm: 68, probeCelsius: 97 },
      notes: 'Sweet for most. A day later a little dry.',
      seen: [{ symptom: 'dry-later', degree: 0.4 }],
      photos: [
        ['whole', 'whole'],
        ['crumb', 'crumb'],
      ],
    },
    {
      on: '2027-05-29',
      minutes: 57,
      name: 'as before',
      cooled: { rise: 6, crumb: 5, moistness: 5, sweetness: 7, overall: 6 },
      measured: { filledGrams: 450, bakedGrams: 402, heightMm: 67, probeCelsius: 97 },
      tins: 'half a batch',
    },
    {
      on: '2027-05-29',
      minutes: 57,
      name: 'less sugar',
      change: [/¾ cup sugar/, '½ cup sugar'],
      cooled: { rise: 5, crumb: 4, moistness: 5, sweetness: 5, overall: 7 },
      nextDay: { moistness: 4, overall: 6 },
      measured: { filledGrams: 430, bakedGrams: 384, heightMm: 63, probeCelsius: 97 },
      tins: 'half a batch',
      photos: [['crumb', 'close']],
    },
    {
      on: '2027-05-29',
      minutes: 60,
      name: 'more yogurt',
      change: [/1 cup plain yogurt/, '1¼ cups plain yogurt'],
      cooled: { rise: 6, crumb: 6, moistness: 7, sweetness: 6, overall: 7 },
      nextDay: { moistness: 6, overall: 7 },
      measured: { filledGrams: 470, bakedGrams: 421, heightMm: 66, probeCelsius: 98 },
      tins: 'half a batch',
      photos: [['crumb', 'crumb']],
    },
  ],
  'Harbour ginger snaps': [
    { on: '2027-05-15', minutes: 12, cooled: { spread: 7, crispEdge: 5, colour: 4, overall: 6 }, measured: { spreadMm: 78, pieces: 28 }, rack: 'middle' },
    {
      on: '2027-05-23',
      minutes: 14,
      name: 'two minutes longer',
      cooled: { spread: 7, crispEdge: 8, colour: 6, overall: 8 },
      measured: { spreadMm: 79, pieces: 29 },
      rack: 'middle',
      frozen: 14,
      notes: 'Snap as they should.',
    },
  ],
  'Lattice plum galette': [
    { on: '2027-05-16', minutes: 38, cooled: { crispEdge: 4, colour: 4, overall: 5 }, measured: { trueCelsius: 171 }, seen: [{ symptom: 'soggy-base', degree: 1 }, { symptom: 'pale', degree: 1 }], cut: 'cold', notes: 'Pale below: the tray was cold.' },
    { on: '2027-06-05', minutes: 44, name: 'on a hot tray', cooled: { crispEdge: 7, colour: 6, overall: 8 }, rack: 'bottom' },
  ],
};

/** The docket of a recipe, its text changed where a variant was; null where there is none. */
function docketOf({ doc }: DemoRecipe, change: Told['change'], kitchen: Kitchen): { from: RecipeDocument; docket: Docket } | null {
  const from = change ? { ...doc, text: doc.text.replace(...change) } : doc;
  let count = 0;
  const { recipe } = readRecipe(from.text, { kitchen, newId: () => `l${(count += 1)}` });
  const made = convert(recipe, from.request, kitchen);
  return made.outcome === 'docket' ? { from, docket: made.docket } : null;
}

function bakeOf(recipe: DemoRecipe, told: Told, parent: string | null, kitchen: Kitchen): DemoBake | null {
  const { on, change, name, cooled, nextDay, measured = {}, photos = [], ...rest } = told;
  const kept = docketOf(recipe, change, kitchen);
  if (!kept) return null;
  const docket = newId();
  const empty = emptyNotes(on);
  const notes: BakeNotes = {
    ...empty,
    ovenCelsius: kept.docket.bake.ovenCelsius,
    ...rest,
    variant: name === undefined ? null : { name, parent },
    measured: { ...empty.measured, ...measured },
    looks: [
      { when: 'cooled', marks: cooled },
      ...(nextDay ? [{ when: 'day 2' as const, marks: nextDay }] : []),
    ],
  };
  return {
    recipe: recipe.id,
    docket: {
      id: docket,
      doc: { schema: 1, engine: ENGINE, from: { ...kept.from, bakeSheet: null, study: null, trial: null }, kitchen, docket: kept.docket } as KeptDocketDto,
    },
    bake: { id: newId(), doc: { schema: 3, imported: false, docket, notes } as BakeDto },
    photos: photos.map(([of, picture]) => ({ id: newId(), of, bytes: Buffer.from(PICTURES[picture], 'base64') })),
  };
}

/** Bakes of the demo's log, in the order in which they were baked. */
export function demoBakes(recipes: readonly DemoRecipe[]): DemoBake[] {
  const { kitchen } = layOut(demoKitchen(), {}, 'demo', []);
  return recipes.flatMap((recipe) => {
    const bakes: DemoBake[] = [];
    for (const told of LOG[recipe.doc.asRead.title] ?? []) {
      const made = bakeOf(recipe, told, bakes[0]?.bake.id ?? null, kitchen);
      if (made) bakes.push(made);
    }
    return bakes;
  });
}

const COMMITTEE = ['Orla', 'Wren', 'Piet', 'Nell'] as const;
/** Marks that the committee gave: a row each taster, a column each sample. */
const MARKS = [
  [6, 7, 8],
  [5, 7, 7],
  [7, 6, 8],
  [5, 6, 7],
  [6, 8, 8],
] as const;

/** The committee's blind tasting of the three half loaves; null where they aren't there. */
export function demoTasting(bakes: readonly DemoBake[]): { readonly recipe: string; readonly doc: TastingDto } | null {
  const study = bakes.filter(({ bake }) => bake.doc.notes.tins === 'half a batch');
  const [first] = study;
  if (!first || study.length < 3) return null;
  const nobody = { gluten: null, grainFree: null, avoids: [] };
  const guests = COMMITTEE.map((name) => ({ id: newId(), person: null, name, ...nobody }));
  const { id: person, ...tam } = GUESTS.tam;
  let doc: TastingDocument = {
    schema: 1,
    name: 'Which loaf for the tea',
    on: '2027-05-30',
    test: 'liking',
    about: '',
    samples: study.map(({ bake, docket }) => ({
      id: newId(),
      name: bake.doc.notes.variant!.name,
      bake: bake.id,
      holds: holdsOf(docket.doc.docket as Docket),
    })),
    tasters: [...guests, { id: newId(), person, ...tam }],
    withdrawn: [],
    rounds: 1,
    coder: 'Rui',
    seed: 20_270_530,
    stage: 'tasting',
    ballots: [],
  };
  for (const [at, tray] of traysOf(doc).entries()) {
    const marks = Object.fromEntries(tray.cups.map(({ code, sample }) => [code, MARKS[at]![sample]!]));
    const next = withBallot(doc, {
      id: newId(),
      taster: tray.taster,
      round: tray.round,
      at: Date.parse('2027-05-30T13:00:00Z') + at * 60_000,
      answer: { kind: 'liking', marks },
      words: '',
    });
    if (typeof next !== 'string') doc = next;
  }
  return { recipe: first.recipe, doc: { ...doc, stage: 'closed' } as TastingDto };
}
