/** What an edit was about, in words, and the stage where it is seen. */
export interface EditedWhat {
  readonly what: string;
  readonly stage: string;
}

const at = (stage: string, what: string): EditedWhat => ({ stage, what });

/** By what an edit is about; a request has one for each thing asked. */
const BY_FIELD: Readonly<Record<string, EditedWhat>> = {
  correction: at('read', 'what is known of a line'),
  asWritten: at('read', 'a question that was let stand'),
  line: at('read', 'a line of the text'),
  join: at('read', 'two lines made one'),
  'end-before': at('read', 'where the text ends'),
  locale: at('read', 'whose measures it speaks in'),
  'the-bake': at('heat', 'which heat is the bake'),
  'taken-shift': at('balance', 'a shift that was taken'),
  serving: at('clock', 'when it is to be ready'),
  bakeSheet: at('log', 'notes on a bake'),
  study: at('taste', 'a planned comparison'),
  trial: at('next', 'a planned trial'),
  'request.answers': at('guard', 'an answer to a question'),
  'request.diet': at('guard', 'the diet'),
  'request.family': at('read', 'what kind of bake it is'),
  'request.gluten': at('guard', 'how strictly gluten is avoided'),
  'request.grainDerived': at('guard', 'what may come from corn'),
  'request.labels': at('guard', 'an answer of a label'),
  'request.mild': at('guard', 'what is left out by preference'),
  'request.pseudocereals': at('guard', 'whether pseudocereals are eaten'),
  'request.seats': at('guard', 'who is at the table'),
  'request.ticks': at('guard', 'a tick against cross-contact'),
  'request.without': at('guard', 'what somebody avoids'),
  'request.blend': at('blend', 'the wishes for the blend'),
  'request.pins': at('blend', 'a share that was held'),
  'request.school': at('blend', 'what binds'),
  'request.withoutFlours': at('blend', 'a flour that was left out'),
  'request.overrides': at('balance', 'a weight that was set by hand'),
  'request.scale': at('balance', 'how much of it is made'),
  'request.sweetener': at('balance', 'what sweetens'),
  'request.tilt': at('balance', 'a balance that was tilted'),
  'request.altitudeMetres': at('heat', 'how high the kitchen lies'),
  'request.folded': at('heat', 'what goes into some tins only'),
  'request.microwave': at('heat', 'the microwave'),
  'request.oven': at('heat', 'the oven'),
  'request.ovenId': at('heat', 'the oven'),
  'request.pan': at('heat', 'the tin'),
  'request.rest': at('heat', 'how long it rests'),
  'request.start': at('heat', 'how it goes in'),
  'request.timed': at('heat', 'the time of a bake'),
};

const THE_TEXT = at('read', 'the text');

/** Example: "request.pan" is the tin, seen on Heat; of several at once the first. What has no words of its own is the text. */
export function editedWhat(field: string): EditedWhat {
  const [kind = '', what] = field.split('.');
  return BY_FIELD[kind === 'request' ? `${kind}.${what}` : kind] ?? THE_TEXT;
}
