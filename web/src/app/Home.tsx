import { lazy, type ComponentType } from 'react';
import { useHouseholdsQuery } from '../api/api';

const fetchWorkList = async () => (await import('../stages/worklist/WorkListPage')).WorkListPage;
const LaterWorkList = lazy(async () => ({ default: await fetchWorkList() }));

let WorkList: ComponentType = LaterWorkList;
/** Has the work list's code at hand, so that what comes in the place of a written one is whole at once. */
export async function readyWorkList(): Promise<void> {
  WorkList = await fetchWorkList();
}

const HelperHome = lazy(async () => ({ default: (await import('./HelperHome')).HelperHome }));

/** Where one begins: who bakes at the work list, who helps or tastes at what they are here for. */
export function Home() {
  const { data } = useHouseholdsQuery();
  const only = data?.length && data.every(({ role }) => role === 'helper' || role === 'taster');
  return only ? <HelperHome households={data} /> : <WorkList />;
}
