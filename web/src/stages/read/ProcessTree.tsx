import { styled } from 'styled-components';
import { PANS } from '@omniarton/core/kitchen';
import type { Mixture, Process, Stage } from '@omniarton/core/process';
import { SURE } from '@omniarton/core/vocabulary';
import { useTemperatureUnit } from '../../state/settings/useSettings';
import { useEngine } from '../../state/bench/onBench';
import { Small } from '../../ui/layout';
import { MEDIUM_WORDS, minutesWords, PART_BECAUSE, partWords, shareWords } from '../../words/process';
import { sayOven, type TemperatureUnit } from '../../words/say';

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
  const unit = useTemperatureUnit();
  const sources = useEngine(({ answer }) => answer?.recipe.parts);
  const sourceOf = (line: string) =>
    sources
      ?.flatMap(({ lines }) => lines)
      .find(({ id }) => id === line)
      ?.source.trim() ?? '';
  const on = process.mixtures.find(({ id }) => id === mixture.layeredOn);
  const stages = process.stages.filter((stage) => stage.mixture === mixture.id);
  return (
    <li>
      <strong>{mixture.name || 'The bake'}</strong>{' '}
      <Small as="span" title={PART_BECAUSE[mixture.family.because]}>
        {partWords(mixture.family)}
        {mixture.family.confidence < SURE ? `, ${Math.round(mixture.family.confidence * 100)} % sure` : ''}
      </Small>
      <ul>
        {mixture.lines.map(({ line, share }) => (
          <li key={line}>
            {shareWords(share)}
            <q>{sourceOf(line)}</q>
          </li>
        ))}
        {stages.map((stage, at) => (
          <Heat key={`${stage.action} ${at}`}>{stageWords(stage, unit)}</Heat>
        ))}
        {on ? <Heat>then on {on.name || 'the bake'}</Heat> : null}
      </ul>
    </li>
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
