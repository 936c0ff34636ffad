import { lazy, type ComponentType, type ReactElement } from 'react';
import type { RouteObject } from 'react-router';
import { Lost } from '../ui/states';
import { Home } from './Home';
import { Shell } from './Shell';

/** A page that is fetched when it is first opened. */
function fetched(find: () => Promise<ComponentType>): ReactElement {
  const Page = lazy(async () => ({ default: await find() }));
  return <Page />;
}

const inKitchen = (path: string, find: () => Promise<ComponentType>): RouteObject => ({
  path: `kitchen/:household/${path}`,
  element: fetched(find),
});

/** Each page is a chunk of its own. */
export const routes: RouteObject[] = [
  {
    element: <Shell />,
    children: [
      {
        index: true,
        element: <Home />,
      },
      inKitchen('new', async () => (await import('./bench/NewPage')).NewPage),
      inKitchen('recipe/:recipe/:stage?', async () => (await import('./bench/BenchPage')).BenchPage),
      inKitchen('cupboard', async () => (await import('./CupboardPage')).CupboardPage),
      inKitchen('kept', async () => (await import('../kept/KeptPage')).KeptPage),
      inKitchen('ovens', async () => (await import('../ovens/OvensPage')).OvensPage),
      inKitchen('learnt', async () => (await import('../learning/LearningPage')).LearningPage),
      inKitchen('practice', async () => (await import('../practice/PracticePage')).PracticePage),
      inKitchen('day', async () => (await import('../day/DayPage')).DayPage),
      inKitchen('day/sheet', async () => (await import('../day/HelperSheet')).HelperSheet),
      inKitchen('day/run', async () => (await import('../run/RunPage')).RunPage),
      inKitchen('flours', async () => (await import('../flours/FloursPage')).FloursPage),
      inKitchen('flours/:flour', async () => (await import('../flours/FlourPageView')).FlourPageView),
      inKitchen('jars/:jar', async () => (await import('../flours/JarLabelPage')).JarLabelPage),
      inKitchen('shop', async () => (await import('../shop/ShopPage')).ShopPage),
      inKitchen('booklet', async () => (await import('./BookletPage')).BookletPage),
      inKitchen('devices', async () => (await import('../devices/DevicesPage')).DevicesPage),
      inKitchen('ballots', async () => (await import('./BallotPage')).BallotPage),
      { path: 'join', element: fetched(async () => (await import('../devices/JoinPage')).JoinPage) },
      { path: 'how', element: fetched(async () => (await import('../how/HowPage')).HowPage) },
      {
        path: 'settings',
        element: fetched(async () => (await import('../settings/SettingsPage')).SettingsPage),
      },
      { path: '*', element: <Lost /> },
    ],
  },
];
