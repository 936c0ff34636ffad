import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { EVERYTHING_BYTES, type TakenInAnswer } from '@omniarton/contracts/keeping';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import type { Failure } from '../api/http';
import { useTakeEverythingInMutation } from '../api/keptApi';
import { failureWords } from '../api/words';
import { useAppDispatch } from '../state/state';
import { lookAtBags } from '../state/kitchen/bags';
import { lookAtKitchen } from '../state/kitchen/erasing';
import { Section } from '../ui/Section';
import { Button, ButtonLink } from '../ui/Button';
import { Row, Small } from '../ui/layout';
import { Notice } from '../ui/Notice';

const MEGABYTE = 1024 * 1024;

const broughtWords = ({ recipes, dockets, bakes, bags, known }: TakenInAnswer): string =>
  `New here: ${recipes} recipes, ${dockets} dockets, ${bakes} bakes, ${bags} bags.${known > 0 ? ` ${known} were here already and stay as they are.` : ''}`;

const WHOSE = [
  { own: true, name: 'Take our own file in' },
  { own: false, name: 'Take another kitchen’s in' },
] as const;

/** Everything of a household as one open file (JSON), out and in. */
export function Everything({ household }: { readonly household: string }) {
  const [takeIn, { data, error, isLoading }] = useTakeEverythingInMutation();
  const [unread, setUnread] = useState<string | null>(null);
  const dispatch = useAppDispatch();
  const take = async (own: boolean, file: File | undefined) => {
    setUnread(null);
    if (!file) return;
    if (file.size > EVERYTHING_BYTES)
      return setUnread(
        `That file is larger than ${EVERYTHING_BYTES / MEGABYTE} MB: restore a backup instead.`,
      );
    try {
      const read: unknown = JSON.parse(await file.text());
      if ('error' in (await takeIn({ household, file: read, own }))) return;
      await dispatch(lookAtKitchen(household));
      await dispatch(lookAtBags(household));
    } catch {
      setUnread('That file is no JSON that can be read. Nothing was taken in.');
    }
  };
  const trouble = unread ?? (error ? failureWords(error as Failure) : null);
  return (
    <Section
      id="everything"
      name="Everything as one file"
      about="Recipes, kept dockets, bakes, bags and their movements, people, jars, ovens, tins and settings, as plain JSON. It holds what people here avoid: keep it as you would a letter about them."
    >
      <Row>
        <ButtonLink to={pathTo('everything', { household })} download reloadDocument>
          Save everything as a file
        </ButtonLink>
        {WHOSE.map(({ own, name }) => (
          <FileTrigger
            key={name}
            acceptedFileTypes={['application/json', '.json']}
            onSelect={(files) => void take(own, files?.[0])}
          >
            <Button isDisabled={isLoading}>{name}</Button>
          </FileTrigger>
        ))}
      </Row>
      <Small>
        Taking a file in adds what is new, and changes nothing that is here. Bakes of another kitchen are in
        the log and teach nothing of yours.
      </Small>
      {isLoading ? <p role="status">Taking it in …</p> : null}
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
      {data ? <Brought data={data} /> : null}
    </Section>
  );
}

/** What came of taking a file in, and what of it was refused. */
const Brought = ({ data }: { readonly data: TakenInAnswer }) => (
  <Notice tone={data.refused.length > 0 ? 'ask' : 'calm'}>
    {broughtWords(data)}
    {data.refused.length > 0 ? (
      <ul>
        {data.refused.map((words) => (
          <li key={words}>{words}</li>
        ))}
      </ul>
    ) : null}
  </Notice>
);
