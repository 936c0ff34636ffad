import { useEffect, useState } from 'react';
import { needsOf } from '@omniarton/core/docket';
import { say } from '@omniarton/core/words';
import { useKitchenAnswer } from '../state/engine/useKitchenAnswer';
import { useSheets, type Sheet } from '../state/engine/useSheets';
import { useKitchen } from '../state/kitchen/useKitchen';
import { keepShop, keptShop, type ShopCopy } from './shopCopy';

export interface Shop {
  /** Null: nothing is known yet. */
  readonly list: ShopCopy | null;
  readonly busy: boolean;
  /** Of which there is no docket, and why. */
  readonly without: readonly string[];
  /** The list as this device kept it: what it is of can't be asked now. */
  readonly old: boolean;
  readonly tick: (what: string, on: boolean) => void;
}

const docketsOf = (sheets: readonly Sheet[]) =>
  sheets.flatMap((sheet) =>
    'outcome' in sheet && sheet.outcome.outcome === 'docket' ? [sheet.outcome.docket] : [],
  );

function whyNot(sheet: Sheet): string[] {
  if ('trouble' in sheet) return [`${sheet.title}: ${sheet.trouble}`];
  const { outcome } = sheet;
  return outcome.outcome === 'docket' ? [] : [`${sheet.title}: ${outcome.reasons.map(say).join(' ')}`];
}

/** One list for the shops of all that some recipes need; its ticks stay on this device, and so does the list. */
export function useShop(household: string, recipes: string): Shop {
  const ids = recipes.split(',').filter(Boolean);
  const { failure } = useKitchen(household);
  const sheets = useSheets(household, ids);
  const dockets = docketsOf(sheets);
  const needs = dockets.map(needsOf);
  const weighed = needs.flatMap((one) => one.weighed);
  const all = sheets.length === ids.length;
  const { data } = useKitchenAnswer(household, ['shop', all, weighed], async (engine, key) =>
    all ? engine.shopRows(key, weighed) : [],
  );
  const [kept] = useState(() => keptShop(household, recipes));
  const [ticked, setTicked] = useState(kept?.ticked ?? []);
  const reached = dockets.length > 0;
  const certified = new Set(weighed.filter((one) => one.certified).map(({ ingredient }) => ingredient));
  const fresh =
    all && reached && data !== null && data.length > 0
      ? {
          titles: dockets.map(({ title }) => title),
          words: [...new Set(needs.flatMap((one) => one.words))],
          rows: data.map((row) => ({ ...row, certified: certified.has(row.ingredient) })),
        }
      : null;
  const known = fresh ?? kept;
  const list: ShopCopy | null = known && { ...known, ticked };
  const stored = list && JSON.stringify(list);
  useEffect(() => {
    if (stored !== null) keepShop(household, recipes, stored);
  }, [household, recipes, stored]);
  const tick = (what: string, on: boolean) =>
    setTicked((before) => [...before.filter((one) => one !== what), ...(on ? [what] : [])]);
  return {
    list,
    busy: failure === null && (!all || (reached && fresh === null)),
    without: sheets.flatMap(whyNot),
    old: (failure !== null || (all && !reached)) && kept !== null,
    tick,
  };
}
