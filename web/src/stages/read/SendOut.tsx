import { useState } from 'react';
import { useStore } from 'react-redux';
import type { RootState } from '../../state/state';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { fileName, saveFile } from '../../docket/saveFile';
import { askQuick } from '../../state/engine/engine';
import type { FileFormat } from '../../state/engine/answers';
import { Button, Chip } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { useDraft, useDraftId, useHousehold } from '../../state/bench/onBench';

const FORMATS: readonly { readonly id: FileFormat; readonly name: string; readonly type: string }[] = [
  { id: 'jsonld', name: 'JSON-LD', type: 'application/ld+json' },
  { id: 'md', name: 'Markdown', type: 'text/markdown' },
  { id: 'csv', name: 'CSV of the weights', type: 'text/csv' },
];

/** The recipe as it was written, out of the house; and into the lists of other recipes. */
export function SendOut() {
  const store = useStore<RootState>();
  const id = useDraftId();
  const [trouble, setTrouble] = useState<string | null>(null);
  const send = async ({ id: format, type }: (typeof FORMATS)[number]) => {
    const state = store.getState();
    const [doc, answer] = [state.drafts[id]?.doc, state.engine[id]?.answer];
    if (!doc || !answer) return;
    try {
      const text = await askQuick((engine) => engine.sendOut(format, answer.recipe, doc.foreign));
      saveFile(`${fileName(answer.recipe.title)}.${format}`, type, text);
      setTrouble(null);
    } catch {
      setTrouble('It could not be written out. Nothing is lost; try once more.');
    }
  };
  return (
    <Stack $gap={2} as="section" aria-labelledby="send-out">
      <Heading id="send-out">The written recipe, to take along</Heading>
      <Row>
        {FORMATS.map((format) => (
          <Button
            key={format.id}
            aria-label={`Written recipe as ${format.name}`}
            onPress={() => void send(format)}
          >
            {format.name}
          </Button>
        ))}
        <StandsIn />
      </Row>
      {trouble ? <Small role="alert">{trouble}</Small> : null}
    </Stack>
  );
}

/** Whether other recipes may name this one as an ingredient. */
function StandsIn() {
  const id = useDraftId();
  const { doc, change } = useKitchen(useHousehold());
  const title = useDraft((draft) => draft.doc.asRead.title);
  const saved = useDraft(({ base }) => base > 0);
  const known = doc.recipes.some(({ recipe }) => recipe === id);
  return (
    <Chip
      isSelected={known}
      isDisabled={!known && (!saved || title === '')}
      onChange={(on) =>
        change((kitchen) => {
          const others = kitchen.recipes.filter(({ recipe }) => recipe !== id);
          return {
            ...kitchen,
            recipes: on ? [...others, { recipe: id, name: title.slice(0, 80), as: 'written' }] : others,
          };
        })
      }
    >
      May stand in other lists
    </Chip>
  );
}
