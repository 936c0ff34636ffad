import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { BlendPart } from '@omniarton/core/blend';
import { HOUSE_PREFIX } from '@omniarton/core/guard';
import type { JarPart, KitchenDocument } from '@omniarton/core/kitchen';
import { mixedAnew } from '../../state/kitchen/jarVersions';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Button } from '../../ui/Button';
import { Row, Small } from '../../ui/layout';
import { TextEntry } from '../../ui/TextEntry';
import { useDraft, useHousehold } from '../../state/bench/onBench';

/** A kitchen with a jar of that name, mixed so; one that is there already keeps what it was made of before. */
const withJar =
  (name: string, madeOf: readonly JarPart[]) =>
  (kitchen: KitchenDocument): KitchenDocument => ({
    ...kitchen,
    blends: kitchen.blends.some((one) => one.name === name)
      ? kitchen.blends.map((one) => (one.name === name ? mixedAnew(one, madeOf) : one))
      : [...kitchen.blends, { id: newId(), name, kind: 'mixed', earlier: [], madeOf }],
  });

/** Keeps a blend as a jar of the kitchen, so that other lists can name it; or mixes a jar otherwise from now on. */
export function KeepInJar({ shares }: { readonly shares: readonly BlendPart[] }) {
  const { doc, change } = useKitchen(useHousehold());
  const title = useDraft((draft) => draft.doc.asRead.title);
  const [name, setName] = useState<string | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  if (shares.some(({ ingredient }) => ingredient.startsWith(HOUSE_PREFIX))) return null;
  const keep = (called: string) => {
    const madeOf = shares.map(({ ingredient, share }) => ({ ingredient, share }));
    change(withJar(called, madeOf));
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
  const known = doc.blends.some((one) => one.name === name);
  return (
    <Row style={{ alignItems: 'end' }}>
      <TextEntry label="Lists call it" value={name} maxLength={80} onCommit={setName} />
      <Button $weight="strong" onPress={() => keep(name)}>
        {known ? 'Mix that jar so from now on' : 'Keep the jar'}
      </Button>
      <Button $weight="quiet" onPress={() => setName(null)}>
        Let it be
      </Button>
      {doc.blends.length > 0 && !known ? (
        <Small>
          Jars so far: {doc.blends.map((one) => one.name).join(', ')}. Give one of these names to mix it anew.
        </Small>
      ) : null}
    </Row>
  );
}
