import '@fontsource-variable/literata/opsz.css';
import '@fontsource-variable/sofia-sans/index.css';
import '@fontsource-variable/sofia-sans-condensed/index.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Around } from './app/Around';
import { firstPageIn, tellFirstPage } from './app/firstPage';
import { readyWorkList } from './app/Home';
import { InPlaceOf } from './app/InPlaceOf';
import { Pages } from './app/Pages';
import { makeStore } from './state/store';
import { loadKitchen } from './state/kitchen/kitchens';
import { findCopies } from './state/draft/mirroring';
import { followTab } from './state/draft/opening';
import { hearTabs } from './state/draft/tabs';

const store = makeStore();
void store.dispatch(findCopies());
hearTabs((news) => void store.dispatch(followTab(news)));

const root = document.getElementById('root')!;

const open = () =>
  createRoot(root).render(
    <StrictMode>
      <Around store={store}>
        <InPlaceOf written={root}>
          <Pages />
        </InPlaceOf>
      </Around>
    </StrictMode>,
  );

const first = firstPageIn(document);
if (first) {
  // What is written stands until what comes in its place is whole; what fails is told there.
  tellFirstPage(store, first);
  const { kitchens } = first;
  void Promise.allSettled([
    readyWorkList(),
    ...kitchens.map(({ household }) => store.dispatch(loadKitchen(household.id))),
  ]).then(open);
} else open();
