import { UsageError } from '../usageError';
import { differenceCase, distanceCase } from './difference';
import { factorCase, ovenCase, populationCase } from './learning';
import { designCase, dOptimalCase, fitCase, optimumCase, regionCase } from './mixture';
import { hedonicCase, rankingCase, signsCase, smallPanelCase } from './ranking';
import { jarCase, ordersCase, pairedScaleCase, preferenceCase, stoppingCase } from './tasting';

type Answer = (input: never) => object;

/** Every section that a case may be of. */
const SECTIONS: Readonly<Record<string, Answer>> = {
  triangle: differenceCase,
  duo_trio: differenceCase,
  two_afc_one_sided: differenceCase,
  two_afc_two_sided: differenceCase,
  thurstonian_dprime: distanceCase,
  ranking_friedman_page: rankingCase,
  wilcoxon_sign: signsCase,
  hedonic_paired_t: hedonicCase,
  three_tasters: smallPanelCase,
  williams: ordersCase,
  jar_penalty: jarCase,
  mixture_designs: designCase,
  mixture_constrained: regionCase,
  mixture_doptimal: dOptimalCase,
  mixture_fit: fitCase,
  mixture_optimum: optimumCase,
  beta_preference: preferenceCase,
  bradley_terry: pairedScaleCase,
  thurstone: pairedScaleCase,
  stopping: stoppingCase,
  calibration_oven: ovenCase,
  calibration_bake_factor: factorCase,
  calibration_population: populationCase,
};

interface Case {
  readonly id: string;
  readonly section: string;
  readonly input: object;
}

const isCase = (one: unknown): one is Case =>
  typeof one === 'object' &&
  one !== null &&
  typeof (one as Case).id === 'string' &&
  typeof (one as Case).section === 'string' &&
  typeof (one as Case).input === 'object';

/** A case that can't be worked out says so in its place, while the others are answered. */
function answered({ id, section, input }: Case): object {
  const answer = SECTIONS[section];
  if (!answer)
    return { id, error: `there is no section "${section}"; there are ${Object.keys(SECTIONS).join(', ')}` };
  try {
    return { id, result: answer(input as never) };
  } catch (error) {
    return { id, error: `this case can't be worked out (${(error as Error).message})` };
  }
}

/** Cases of statistics, each `{ id, section, input }`, answered in order. Throws UsageError where the file holds none. */
export function statisticsShape(file: string, text: string): object[] {
  let found: unknown;
  try {
    found = JSON.parse(text);
  } catch {
    throw new UsageError(`${file}: this is no JSON`);
  }
  if (!Array.isArray(found) || !found.every(isCase))
    throw new UsageError(`${file}: wanted is a list of { id, section, input }`);
  return found.map(answered);
}
