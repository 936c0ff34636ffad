import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

export interface Stage {
  readonly id: string;
  readonly name: string;
  /** What it answers, for the sheet of shortcuts and as a title. */
  readonly asks: string;
  readonly Page: LazyExoticComponent<ComponentType>;
}

const stage = (id: string, name: string, asks: string, load: () => Promise<ComponentType>): Stage => ({
  id,
  name,
  asks,
  Page: lazy(async () => ({ default: await load() })),
});

/** The stages in the order of the work. A stage's key is its place. */
export const STAGES: readonly Stage[] = [
  stage(
    'read',
    'Read',
    'what each line weighs',
    async () => (await import('../../stages/read/ReadStage')).ReadStage,
  ),
  stage(
    'guard',
    'Guard',
    'who must be kept from what',
    async () => (await import('../../stages/guard/GuardStage')).GuardStage,
  ),
  stage(
    'blend',
    'Blend',
    'which flours, in what shares',
    async () => (await import('../../stages/blend/BlendStage')).BlendStage,
  ),
  stage(
    'balance',
    'Balance',
    'what shifts, and why',
    async () => (await import('../../stages/balance/BalanceStage')).BalanceStage,
  ),
  stage(
    'heat',
    'Heat',
    'tin, oven, rest and time',
    async () => (await import('../../stages/heat/HeatStage')).HeatStage,
  ),
  stage(
    'clock',
    'Clock',
    'when each step begins',
    async () => (await import('../../stages/clock/ClockStage')).ClockStage,
  ),
  stage(
    'log',
    'Log',
    'what really happened',
    async () => (await import('../../stages/log/LogStage')).LogStage,
  ),
  stage(
    'taste',
    'Taste',
    'which is better, blind',
    async () => (await import('../../stages/taste/TasteStage')).TasteStage,
  ),
  stage(
    'next',
    'Next',
    'why, and one thing to change',
    async () => (await import('../../stages/next/NextStage')).NextStage,
  ),
];
