import { lazy } from 'react';
import { useHouseholdsQuery } from '../api/api';

const WorkList = lazy(async () => ({
  default: (await import('../stages/worklist/WorkListPage')).WorkListPage,
}));
const HelperHome = lazy(async () => ({ default: (await import('./HelperHome')).HelperHome }));

/** Where one begins: who bakes at the work list, who helps or tastes at what they are here for. */
export function Home() {
  const { data } = useHouseholdsQuery();
  const only = data?.length && data.every(({ role }) => role === 'helper' || role === 'taster');
  return only ? <HelperHome households={data} /> : <WorkList />;
}
