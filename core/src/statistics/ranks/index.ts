export { canBeCounted } from './chanceSums';
export {
  friedman,
  friedmanByChance,
  friedmanValue,
  type Friedman,
  type FriedmanValue,
  type Reached,
} from './friedman';
export { midranks, rankSums } from './midranks';
export { waysOf } from './permuted';
export { page, pageByChance, type Page } from './page';
export { halfWidth, pairedMean, tastersFor, type PairedMean } from './pairedMean';
export { signTest, wilcoxon, wilcoxonByChance, type Signs, type Wilcoxon } from './signedRanks';
export { pairsBeyond, sumDifferences, tastersBeyond, type SumDifferences } from './sumDifferences';
