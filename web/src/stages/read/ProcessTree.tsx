import { styled } from 'styled-components';
import { PANS } from '@omniarton/core/kitchen';
import { heats, heatsOf, type Mixture, type Process, type Stage } from '@omniarton/core/process';
import { PART_NAMES, SURE } from '@omniarton/core/vocabulary';
import { useEdit, useEngine } from '../../state/bench/onBench';
import { useTemperatureUnit } from '../../state/bench/useMeasures';
import { Button } from '../../ui/Button';
import { Small } from '../../ui/layout';
import { mixtureName, MEDIUM_WORDS, minutesWords, PART_BECAUSE } from '../../words/process';
import { sayOven, type TemperatureUnit } from '../../words/say';
import { MixtureLine } from './MixtureLine';
import { PartKindPick } from './PartKindPick';

/** What flows into what: lines into mixtures, mixtures through the heat. An indented list on every screen. */
export function ProcessTree() {
  const process = useEngine(({ answer }) => answer?.process ?? null);
  if (!process || process.mixtures.length === 0) return null;
  return (
    <Tree aria-label="How it comes together">
      {process.mixtures.map((mixture) => (
        <OneMixture key={mixture.id} mixture={mixture} process={process} />
      ))}
    </Tree>
  );
}

interface Props {
  readonly mixture: Mixture;
  readonly process: Process;
}

function OneMixture({ mixture, process }: Props) {
  const on = process.mixtures.find(({ id }) => id === (mixture.layeredOn ?? mixture.goesInto));
  const stages = process.stages.filter((stage) => stage.mixture === mixture.id);
  return (
    <li>
      <strong>{mixtureName(mixture)}</strong> <Kind mixture={mixture} />
      <ul>
        {mixture.lines.map((take) => (
          <MixtureLine key={take.line} take={take} mixture={mixture} all={process.mixtures} />
        ))}
        {stages.map((stage, at) => (
          <OneHeat key={`${stage.action} ${at}`} stage={stage} process={process} />
        ))}
        {on ? (
          <Heat>
            then {mixture.layeredOn ? 'on' : 'into'} {mixtureName(on)}
          </Heat>
        ) : null}
      </ul>
    </li>
  );
}

/** What kind it is and what says so; of what isn't the bake itself a person may say another. */
function Kind({ mixture: { part, family } }: { readonly mixture: Mixture }) {
  const words = `${PART_NAMES[family.id]}${family.confidence < SURE ? `, ${Math.round(family.confidence * 100)} % sure` : ''}`;
  if (family.because === 'main') return <Small as="span">{words}</Small>;
  return (
    <>
      <Small as="span">
        {words}: {PART_BECAUSE[family.because]}
      </Small>
      <PartKindPick part={part} family={family} />
    </>
  );
}

interface HeatProps {
  readonly stage: Stage;
  readonly process: Process;
}

/** One heat with its time and tin; where there are several, which of them the bake is known by. */
function OneHeat({ stage, process: { stages, main } }: HeatProps) {
  const isBake = main !== null && stages[main] === stage;
  const unit = useTemperatureUnit();
  const edit = useEdit();
  const heat = heatsOf(stages, stage.step).indexOf(stage);
  const several = stages.filter(heats).length > 1;
  return (
    <Heat>
      {stageWords(stage, unit)}
      {several && isBake ? <Small as="span"> · this is the bake</Small> : null}
      {several && !isBake && heat >= 0 ? (
        <Button
          $weight="quiet"
          aria-label={`This is the bake: ${stageWords(stage, unit)}`}
          onPress={() => edit({ kind: 'the-bake', step: stage.step, heat })}
        >
          This is the bake
        </Button>
      ) : null}
    </Heat>
  );
}

function stageWords(
  { medium, ovenCelsius, oilCelsius, fan, minutes, pan }: Stage,
  unit: TemperatureUnit,
): string {
  const celsius = ovenCelsius ?? oilCelsius;
  return [
    `${MEDIUM_WORDS[medium]}${celsius === null ? '' : ` ${sayOven(celsius, unit)}`}${fan ? ' with the fan' : ''}`,
    ...(minutes ? [minutesWords(minutes)] : []),
    ...(pan
      ? [
          `${pan.count > 1 ? `${pan.count} ` : ''}${PANS.rows[pan.shape].name}, ${Math.round(pan.lengthCm)} cm`,
        ]
      : []),
  ].join(' · ');
}

const Tree = styled.ol`
  list-style: none;
  padding: ${({ theme }) => theme.space(2)} 0;
  > li {
    padding-bottom: ${({ theme }) => theme.space(3)};
  }
  ul {
    list-style: none;
    margin-left: ${({ theme }) => theme.space(1)};
    padding-left: ${({ theme }) => theme.space(4)};
    border-left: 1px solid ${({ theme }) => theme.colour.line};
  }
  q {
    font-family: ${({ theme }) => theme.font.written};
    font-style: italic;
  }
`;
/** Where it leaves the bowl: the rule of its lines is crossed. */
const Heat = styled.li`
  position: relative;
  padding-top: ${({ theme }) => theme.space(1)};
  &::before {
    content: '';
    position: absolute;
    top: 0.9em;
    left: ${({ theme }) => `calc(-1 * ${theme.space(4)})`};
    width: ${({ theme }) => theme.space(3)};
    border-top: 1px solid ${({ theme }) => theme.colour.line};
  }
`;
