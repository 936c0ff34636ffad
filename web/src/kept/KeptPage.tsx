import { useParams } from 'react-router';
import { useHouseholdsQuery } from '../api/api';
import { cupboardPath } from '../base/paths';
import { KitchenShell } from '../kitchen/KitchenShell';
import { ButtonLink } from '../ui/Button';
import { Bin } from './Bin';
import { EraseAll } from './EraseAll';
import { Everything } from './Everything';

/** What is kept of a household beside its recipes: the bin, everything as one file, and erasing it whole. */
export function KeptPage() {
  const { household = '' } = useParams();
  const own = useHouseholdsQuery().data?.find(({ id }) => id === household);
  return (
    <KitchenShell
      household={household}
      title="Bin and files"
      link={(name) => <ButtonLink to={cupboardPath(household)}>Kitchen: {name}</ButtonLink>}
    >
      {({ doc, change }) => (
        <>
          <Bin household={household} people={doc.bin} change={change} />
          <Everything household={household} />
          {own ? <EraseAll household={own} /> : null}
        </>
      )}
    </KitchenShell>
  );
}
