import { BUILT_IN_KITCHEN, catalogueOf } from '../../core/src/kitchen';
import type { LabelledLine, LabelledRows } from '../../core/src/read/page/cases/labelled';
import { featuresOf } from '../../core/src/read/page/features';
import { withoutFurniture } from '../../core/src/read/page/setAside';

/** A page as the field sees it: without its furniture, which stands apart. */
export interface Page extends LabelledRows {
  readonly active: readonly (readonly string[])[];
  readonly furniture: readonly LabelledLine[];
}

const catalogue = catalogueOf(BUILT_IN_KITCHEN);
export function withFeatures({ id, rows }: LabelledRows): Page {
  const lines = rows.map(({ line }) => line);
  const { places, gaps } = withoutFurniture(
    lines,
    rows.map(({ gap }) => gap),
  );
  return {
    id,
    rows: places.map((at) => rows[at]!),
    furniture: rows.filter((_, at) => !places.includes(at)),
    active: featuresOf(
      places.map((at) => lines[at]!),
      gaps,
      catalogue,
    ),
  };
}
