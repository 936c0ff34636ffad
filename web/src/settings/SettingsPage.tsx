import { styled } from 'styled-components';
import type { HouseholdAnswer, SettingsDto } from '@omniarton/contracts';
import { useHouseholdsQuery } from '../api/api';
import { devicesPath, ovensPath } from '../base/paths';
import { ButtonLink } from '../ui/Button';
import { Wordmark } from '../ui/Wordmark';
import { Choice } from '../ui/Choice';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Toggle } from '../ui/Toggle';
import { useSettings } from '../state/settings/useSettings';
import { Failed } from '../ui/Failed';

export function SettingsPage() {
  const { settings, change, ready, error } = useSettings();
  return (
    <Page data-busy={!ready || undefined}>
      <title>Settings · Omniarton</title>
      <Wordmark />
      <h1>Settings</h1>
      <Failed error={error} />
      {ready ? <Choices settings={settings} change={change} /> : <p role="status">Fetching …</p>}
      <Kitchens />
    </Page>
  );
}

/** What is a kitchen's, not a person's. */
function Kitchens() {
  const { data } = useHouseholdsQuery();
  if (!data) return null;
  return (
    <>
      <OfEach id="kitchens" name="Ovens, microwave and tins" households={data} to={ovensPath} />
      <OfEach id="people" name="People and devices" households={data} to={devicesPath} />
    </>
  );
}

interface OfEachProps {
  readonly id: string;
  readonly name: string;
  readonly households: readonly HouseholdAnswer[];
  readonly to: (household: string) => string;
}

const OfEach = ({ id, name: heading, households, to }: OfEachProps) => (
  <Stack $gap={2} as="section" aria-labelledby={id}>
    <Heading id={id}>{heading}</Heading>
    <Row>
      {households.map(({ id: household, name }) => (
        <ButtonLink key={household} to={to(household)}>
          of {name}
        </ButtonLink>
      ))}
    </Row>
  </Stack>
);

interface ChoicesProps {
  readonly settings: SettingsDto;
  readonly change: (part: Partial<SettingsDto>) => void;
}

const Choices = ({ settings, change }: ChoicesProps) => (
  <>
    <Choice
      label="Measures"
      value={settings.measures}
      options={[
        { id: 'page', name: 'As the recipe’s page has them' },
        { id: 'metric', name: '°C and centimetres' },
        { id: 'us', name: '°F and inches' },
      ]}
      onChange={(measures) => change({ measures })}
    />
    <Choice
      label="Light"
      value={settings.theme}
      options={[
        { id: 'system', name: 'As the device' },
        { id: 'light', name: 'Light' },
        { id: 'dark', name: 'Dark' },
      ]}
      onChange={(theme) => change({ theme })}
    />
    <Stack $gap={1}>
      <Toggle isSelected={settings.shortcuts} onChange={(shortcuts) => change({ shortcuts })}>
        <span className="track" aria-hidden="true" /> One-key shortcuts on the bench
      </Toggle>
      <Small>They are silent while you type. Press ? on the bench for the list.</Small>
    </Stack>
  </>
);

const Page = styled.main`
  display: grid;
  gap: ${({ theme }) => theme.space(6)};
  justify-items: start;
  max-width: 44rem;
  margin: 0 auto;
  padding: ${({ theme }) => `${theme.space(4)} ${theme.space(4)} ${theme.space(12)}`};
  h1 {
    font: 600 2rem/1.1 ${({ theme }) => theme.font.written};
  }
`;
