import { useState } from 'react';
import type { HouseholdAnswer } from '@omniarton/contracts';
import { useBinQuery, useEraseHouseholdMutation } from '../api/keptApi';
import { Section } from '../ui/Section';
import { Button } from '../ui/Button';
import { Row, Small } from '../ui/layout';
import { TextEntry } from '../ui/TextEntry';
import { Failed } from '../ui/Failed';

/** A household whole, for good: its name is written first. Older backups are named, since they still hold it. */
export function EraseAll({ household }: { readonly household: HouseholdAnswer }) {
  const { data } = useBinQuery(household.id);
  const [erase, { error, isLoading }] = useEraseHouseholdMutation();
  const [typed, setTyped] = useState('');
  const backups = data?.backups ?? [];
  const gone = async () => {
    // Nothing of it is here any more: the page begins anew.
    if (!('error' in (await erase(household.id)))) location.assign('/');
  };
  return (
    <Section
      id="erase"
      name="Erase all of it"
      about="Every recipe, docket, bake, bag and person of this kitchen, now and for good. There is no way back but a file or a backup that you made."
    >
      {backups.length > 0 ? (
        <Small>
          These backups were made before and still hold it: {backups.join(', ')}. They lie in the data folder,
          and go when you delete them there.
        </Small>
      ) : null}
      <Failed error={error} />
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <TextEntry
          label={`Write “${household.name}” to be sure`}
          value={typed}
          mayBeEmpty
          maxLength={80}
          onCommit={setTyped}
        />
        <Button
          $weight="danger"
          isDisabled={typed !== household.name || isLoading}
          onPress={() => void gone()}
        >
          Erase this kitchen
        </Button>
      </Row>
    </Section>
  );
}
