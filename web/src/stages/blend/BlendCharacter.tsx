import type { Blend, Property } from '@omniarton/core/blend';
import { Heading } from '../../ui/layout';
import { Rail } from '../../ui/Rail';

/** The properties a baker can feel or taste, in plain words. Scores 0–10. */
const SHOWN: readonly (readonly [Property, string, string])[] = [
  ['hold', 'hold', 'binds when cold'],
  ['chew', 'chew', 'pulls between the teeth'],
  ['snap', 'snap', 'breaks crisp'],
  ['soft', 'soft', 'tender crumb'],
  ['body', 'body', 'bulk and bite'],
  ['flavour', 'flavour', 'tastes of itself'],
  ['grit', 'grit', 'felt on the tongue'],
];
const MOST = 10;

/** How the blend stands against what this family wants of one. */
export function BlendCharacter({ blend: { properties, deviations } }: { readonly blend: Blend }) {
  return (
    <section aria-labelledby="character">
      <Heading id="character">Its character</Heading>
      {SHOWN.map(([id, name, about]) => (
        <Rail
          key={id}
          label={name}
          about={about}
          from={Math.max(0, properties[id] - (deviations[id] ?? 0))}
          fromName="wanted"
          to={properties[id]}
          most={MOST}
          say={(value) => value.toFixed(1)}
        />
      ))}
    </section>
  );
}
