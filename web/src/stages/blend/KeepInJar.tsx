import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { BlendPart } from '@omniarton/core/blend';
import { useKitchen } from '../../cupboard/useKitchen';
import { Button } from '../../ui/Button';
import { Row, Small } from '../../ui/layout';
import { TextEntry } from '../../ui/TextEntry';
import { useDraft, useHousehold } from '../bench/onBench';

/** Keeps a blend as a jar of the kitchen, so that other lists can name it. */
export function KeepInJar({ shares }: { readonly shares: readonly BlendPart[] }) {
  const { doc, change } = useKitchen(useHousehold());
  const title = useDraft((draft) => draft.doc.asRead.title);
  const [name, setName] = useState<string | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  const keep = (called: string) => {
    change((kitchen) => ({
      ...kitchen,
      blends: [
        ...kitchen.blends,
        {
          id: newId(),
          name: called,
          kind: 'mixed' as const,
          earlier: [],
          madeOf: shares.map(({ ingredient, share }) => ({ ingredient, share })),
        },
      ],
    }));
    setName(null);
    setKept(called);
  };
  if (kept !== null && doc.blends.some((one) => one.name === kept))
    return <Small role="status">The jar “{kept}” stands in the kitchen; any list may name it.</Small>;
  if (name === null)
    return (
      <Row>
        <Button onPress={() => setName(`${title || 'house'} blend`)}>Keep it in a jar</Button>
      </Row>
    );
  return (
    <Row style={{ alignItems: 'end' }}>
      <TextEntry label="Lists call it" value={name} maxLength={80} onCommit={setName} />
      <Button $weight="strong" onPress={() => keep(name)}>
        Keep the jar
      </Button>
      <Button $weight="quiet" onPress={() => setName(null)}>
        Let it be
      </Button>
    </Row>
  );
}
