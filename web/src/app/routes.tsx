import type { RouteObject } from 'react-router';
import { Shell } from './Shell';
import { Lost, Waiting, Wrong } from '../ui/states';

/** Each page is a chunk of its own, fetched when it is first opened. */
export const routes: RouteObject[] = [
  {
    element: <Shell />,
    errorElement: <Wrong />,
    HydrateFallback: Waiting,
    children: [
      {
        index: true,
        lazy: async () => ({ Component: (await import('../stages/worklist/WorkListPage')).WorkListPage }),
      },
      {
        path: 'kitchen/:household/new',
        lazy: async () => ({ Component: (await import('./bench/NewPage')).NewPage }),
      },
      {
        path: 'kitchen/:household/recipe/:recipe/:stage?',
        lazy: async () => ({ Component: (await import('./bench/BenchPage')).BenchPage }),
      },
      {
        path: 'kitchen/:household/cupboard',
        lazy: async () => ({ Component: (await import('./CupboardPage')).CupboardPage }),
      },
      {
        path: 'kitchen/:household/kept',
        lazy: async () => ({ Component: (await import('../kept/KeptPage')).KeptPage }),
      },
      {
        path: 'kitchen/:household/ovens',
        lazy: async () => ({ Component: (await import('../ovens/OvensPage')).OvensPage }),
      },
      {
        path: 'kitchen/:household/learnt',
        lazy: async () => ({ Component: (await import('../learning/LearningPage')).LearningPage }),
      },
      {
        path: 'kitchen/:household/practice',
        lazy: async () => ({ Component: (await import('../practice/PracticePage')).PracticePage }),
      },
      {
        path: 'kitchen/:household/day',
        lazy: async () => ({ Component: (await import('../day/DayPage')).DayPage }),
      },
      {
        path: 'kitchen/:household/day/sheet',
        lazy: async () => ({ Component: (await import('../day/HelperSheet')).HelperSheet }),
      },
      {
        path: 'kitchen/:household/day/run',
        lazy: async () => ({ Component: (await import('../run/RunPage')).RunPage }),
      },
      {
        path: 'kitchen/:household/flours',
        lazy: async () => ({ Component: (await import('../flours/FloursPage')).FloursPage }),
      },
      {
        path: 'kitchen/:household/flours/:flour',
        lazy: async () => ({ Component: (await import('../flours/FlourPageView')).FlourPageView }),
      },
      {
        path: 'kitchen/:household/jars/:jar',
        lazy: async () => ({ Component: (await import('../flours/JarLabelPage')).JarLabelPage }),
      },
      {
        path: 'settings',
        lazy: async () => ({ Component: (await import('../settings/SettingsPage')).SettingsPage }),
      },
      { path: '*', element: <Lost /> },
    ],
  },
];
