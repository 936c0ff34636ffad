import { BUILT_IN_KITCHEN, catalogueOf } from '../../core/src/kitchen';
import type { LabelledPage } from '../../core/src/read/page/cases/labelled';
import { featuresOf } from '../../core/src/read/page/features';

/** A page as the field sees it. */
export interface Page extends LabelledPage {
  readonly active: readonly (readonly string[])[];
}

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
export const withFeatures = ({ id, rows }: LabelledPage): Page => ({
  id,
  rows,
  active: featuresOf(
    rows.map(({ line }) => line),
    rows.map(({ gap }) => gap),
    catalogue,
  ),
});
