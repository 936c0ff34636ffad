import { catalogueOf, type KitchenDocument } from '../../kitchen';
import { layOut } from '../../larder';
import type { TastingDocument } from '../../taste';
import { bagDensities } from './bags';
import { learn } from './learn';
import { loggedBake, type KeptBake } from './logged';
import { tastedBakes } from './tasted';
import type { Learnt, LoggedBake } from './types';

/** Everything that a household has learnt from its bakes, its blind tastings and its weighed bags; and the bakes, as far as they teach. */
export function learntAtHome(
  bakes: readonly KeptBake[],
  tastings: readonly TastingDocument[],
  doc: KitchenDocument,
): { readonly learnt: readonly Learnt[]; readonly logged: readonly LoggedBake[] } {
  const { kitchen } = layOut({ ...doc, recipes: [] }, {}, 'learning', []);
  const said = tastedBakes(tastings);
  const logged = bakes.map((one) => loggedBake(one, said.get(one.id) ?? {}, kitchen));
  const own = catalogueOf({ ...kitchen, weighed: [] });
  return { learnt: [...learn(logged, doc.learning).learnt, ...bagDensities(doc.weighed, own)], logged };
}
