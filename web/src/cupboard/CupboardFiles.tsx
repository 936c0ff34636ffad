import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useStore } from 'react-redux';
import { v7 as newId } from 'uuid';
import type { CupboardFile } from '@omniarton/core/cupboard';
import type { RootState } from '../state/state';
import { saveFile } from '../docket/saveFile';
import { askOnce } from '../state/engine/useKitchenAnswer';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { addBags } from '../state/kitchen/bags';
import type { useCupboard } from '../state/kitchen/useCupboard';

interface Props {
  readonly household: string;
  readonly write: ReturnType<typeof useCupboard>['write'];
}

const FAILED: CupboardFile = {
  bags: [],
  faults: [],
  refused: 'The file could not be read. Nothing was changed.',
};

/** The cupboard out of a CSV file, and into one. Good rows go in only when a person says so. */
export function CupboardFiles({ household, write }: Props) {
  const store = useStore<RootState>();
  const [file, setFile] = useState<CupboardFile | null>(null);
  /** An id for each good row, the same for every try: what is in already isn't put in twice. */
  const [ids, setIds] = useState<readonly string[]>([]);
  const read = async (chosen: File) => {
    const text = await chosen.text();
    const found = await askOnce<CupboardFile>(
      store,
      household,
      async (engine, key) => await engine.readCupboard(key, text),
    ).catch(() => FAILED);
    setIds(found.bags.map(() => newId()));
    setFile(found);
  };
  const keep = async ({ bags }: CupboardFile) => {
    const added = bags.map(({ bag, grams }, at) => ({
      id: ids[at]!,
      grams,
      bag: { ...bag, schema: 2 as const },
    }));
    if (await write(addBags(household, added))) setFile(null);
  };
  const save = () =>
    askOnce<string>(store, household, async (engine, key) => await engine.cupboardCsv(key)).then(
      (text) => saveFile('cupboard.csv', 'text/csv', text),
      () => setFile(FAILED),
    );
  return (
    <Stack $gap={3}>
      <Row>
        <FileTrigger
          acceptedFileTypes={['.csv', 'text/csv']}
          onSelect={(files) => {
            const [first] = files ?? [];
            if (first) void read(first);
          }}
        >
          <Button>Take in a CSV file</Button>
        </FileTrigger>
        <Button onPress={() => void save()}>Save the cupboard as CSV</Button>
      </Row>
      {file ? <Report file={file} onKeep={() => void keep(file)} onDrop={() => setFile(null)} /> : null}
    </Stack>
  );
}

interface ReportProps {
  readonly file: CupboardFile;
  readonly onKeep: () => void;
  readonly onDrop: () => void;
}

function Report({ file: { bags, faults, refused }, onKeep, onDrop }: ReportProps) {
  if (refused !== null)
    return (
      <Notice tone="danger" loud>
        {refused}
      </Notice>
    );
  return (
    <Notice tone={faults.length > 0 ? 'ask' : 'calm'}>
      <Stack $gap={2}>
        <p>
          {bags.length} {bags.length === 1 ? 'row is' : 'rows are'} good
          {faults.length > 0 ? `, ${faults.length} can’t be taken:` : '.'}
        </p>
        {faults.length > 0 ? (
          <ul>
            {faults.map(({ row, why }) => (
              <li key={row}>
                Row {row}: {why}.
              </li>
            ))}
          </ul>
        ) : null}
        <Row>
          {bags.length > 0 ? (
            <Button $weight="strong" onPress={onKeep}>
              Put the {bags.length} good in
            </Button>
          ) : null}
          <Button $weight="quiet" onPress={onDrop}>
            Leave the file
          </Button>
        </Row>
        <Small>Nothing is in the cupboard yet.</Small>
      </Stack>
    </Notice>
  );
}
