import { useState } from 'react';
import { Label, TextArea } from 'react-aria-components';
import { styled } from 'styled-components';
import { v7 as newId } from 'uuid';
import type { NutritionPanel } from '@omniarton/core/catalogue';
import { PanelFields } from '../../ui/PanelFields';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { askQuick } from '../../state/engine/engine';
import type { LabelShares } from '../../state/engine/answers';
import { Button } from '../../ui/Button';
import { Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayPercent } from '../../words/say';
import { TextEntry } from '../../ui/TextEntry';
import { Written } from '../../ui/Written';
import { useHousehold, useRequest } from '../../state/bench/onBench';

const EMPTY_PANEL: NutritionPanel = {
  fat: 0,
  carbohydrate: 0,
  sugars: 0,
  fibre: 0,
  protein: 0,
  salt: 0,
  fibreInCarbohydrate: false,
};

/** A bought blend: its packet's ingredients, in their order, and its nutrition panel give its shares away. */
export function BoughtBlend() {
  const [name, setName] = useState('bought blend');
  const [statement, setStatement] = useState('');
  const [panel, setPanel] = useState(EMPTY_PANEL);
  const [found, setFound] = useState<LabelShares | null>(null);
  const [trouble, setTrouble] = useState(false);
  const work = () =>
    askQuick((engine) => engine.infer(statement, panel)).then(
      (answer) => (setFound(answer), setTrouble(false)),
      () => setTrouble(true),
    );
  return (
    <Stack $gap={3}>
      <TextEntry label="It is called" value={name} maxLength={80} onCommit={setName} />
      <Written value={statement} onChange={setStatement}>
        <Label>Its ingredients, in the order of the packet</Label>
        <TextArea rows={3} maxLength={3000} />
      </Written>
      <PanelFields panel={panel} onChange={(part) => setPanel({ ...panel, ...part })} />
      <Row>
        <Button isDisabled={statement.trim() === '' || panel.carbohydrate <= 0} onPress={() => void work()}>
          Work out its shares
        </Button>
        {panel.carbohydrate <= 0 ? <Small>The panel’s carbohydrate is needed.</Small> : null}
      </Row>
      {trouble ? (
        <Notice tone="danger" loud>
          The engine has stopped on this label. Nothing you typed is lost; try again.
        </Notice>
      ) : null}
      {found ? <Found name={name} found={found} /> : null}
    </Stack>
  );
}

function Found({
  name,
  found: { unknown, inference },
}: {
  readonly name: string;
  readonly found: LabelShares;
}) {
  const { change } = useKitchen(useHousehold());
  const [{ blend }, ask] = useRequest();
  if (!inference) return <Notice tone="ask">Nothing on that list is known: {unknown.join(', ')}.</Notice>;
  const keep = () => {
    const id = newId();
    const madeOf = inference.shares
      .filter(({ share }) => share >= 0.001)
      .map(({ ingredient, share }) => ({ ingredient, share: Math.round(share * 1000) / 1000 }));
    change((kitchen) => ({
      ...kitchen,
      blends: [...kitchen.blends, { id, name, kind: 'bought', madeOf, earlier: [] }],
    }));
    ask({ pins: [], blend: { ...blend, jar: id } });
  };
  return (
    <Stack $gap={3}>
      {inference.contradiction ? <Notice tone="ask">{inference.contradiction}</Notice> : null}
      {unknown.length > 0 ? (
        <Notice tone="ask">Not counted, since nobody here knows it: {unknown.join(', ')}.</Notice>
      ) : null}
      <Shares>
        <caption>About so much of each; how wide the label leaves it open</caption>
        <tbody>
          {inference.shares.map(({ ingredient, name: flour, share, low, high }) => (
            <tr key={ingredient}>
              <th scope="row">{flour}</th>
              <td>{sayPercent(share)} %</td>
              <td>
                {sayPercent(low)} to {sayPercent(high)} %
              </td>
            </tr>
          ))}
        </tbody>
      </Shares>
      <Row>
        <Button $weight="strong" onPress={keep}>
          Keep “{name}” and bake with it
        </Button>
        <Small>
          What its list names of gum, salt, leavening or milk is counted with it. Read the label of each new
          bag again.
        </Small>
      </Row>
    </Stack>
  );
}

const Shares = styled.table`
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
  caption {
    text-align: left;
    font-weight: 600;
    padding-bottom: ${({ theme }) => theme.space(1)};
  }
  th {
    text-align: left;
    font-weight: 500;
    padding-right: ${({ theme }) => theme.space(5)};
  }
  td {
    padding: ${({ theme }) => `${theme.space(1)} ${theme.space(3)}`};
    text-align: right;
    font-weight: 650;
  }
  td:last-child {
    font-weight: 400;
    color: ${({ theme }) => theme.colour.soft};
  }
`;
