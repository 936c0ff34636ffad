import type { GuardSays, Reason } from '../guard';
import type { LabelFact, WordsFor } from '../vocabulary';

const FACTS: Readonly<Record<LabelFact, string>> = {
  leavening: 'leavening',
  salt: 'salt',
  gum: 'gum or husk',
  milk: 'milk powder',
  certified: 'a gluten-free certificate',
};
const list = (words: readonly string[]) => words.join(', ');

/** Why a line stands as it stands, in words; nothing where there is no reason to give. */
export function reasonWords(reason: Reason | null): string {
  if (reason === null) return '';
  if (reason.code === 'as-worded') return reason.values.text;
  return (GUARD_WORDS[reason.code] as (values: unknown) => string)(reason.values);
}

const inBrackets = (reason: Reason | null) => (reason === null ? '' : ` (${reasonWords(reason)})`);

/** Reasons and questions of the guard, in English. */
export const GUARD_WORDS: WordsFor<GuardSays> = {
  unplaced: () => 'not in the catalogue: say what it is, or read its label',
  'not-wheat-free': () => 'gluten-free is not wheat-free: read the packet',
  'claims-free': () => 'claims to be gluten-free: read it on the packet',
  'read-as': ({ name }) => `read as ${name}: is that right?`,
  'flour-unread': ({ words }) => `it names ${words}, which was not read: put it on a line of its own on Read`,

  'cereal-named': ({ reason }) => `Does the label name a cereal with gluten?${inBrackets(reason)}`,
  'bag-certified': () => 'Is the bag certified? Milled goods pick up gluten in field and mill.',
  'makers-wheat': ({ reason }) => `Some makers bring in wheat${inBrackets(reason)}: what does the label say?`,
  'makers-bring': ({ what }) => `Some makers bring in ${list(what)}: what does the label say?`,
  'lines-carry': ({ what }) =>
    `Often made on lines that carry ${list(what)}: does the label warn of it (“may contain”)?`,
  'read-right': ({ name }) => `Read as ${name}. Is that right?`,
  'your-own': ({ note }) => `Your own. ${note} Is it still made so?`,
  'what-is-it': () => 'What is this? It can’t be placed, so nothing can be said of gluten or allergens.',
  'read-at-all': ({ why }) =>
    `If that is read rightly it can’t go out: ${why}. Say on Read whether it is an ingredient, and which.`,
  'blend-names': ({ facts }) =>
    `A mixed flour: does its label name ${list(facts.map((fact) => FACTS[fact]))}?`,
  'grain-source': () => 'It may come from a grain: does the label name a grain-free source?',
  'step-gluten': ({ words, reason, instead }) => `“${words}”: ${reason}. Use ${instead}.`,
  'step-names': ({ at, words, avoided, now }) =>
    `Step ${at} still says “${words}” (out: ${list(avoided)})${now === null ? '' : `: read it as ${now}`}. Put the step right on Read.`,
};
