import { useParams, useSearchParams } from 'react-router';
import { floursPath, keptPath, learntPath, ovensPath } from '../base/paths';
import { ButtonLink } from '../ui/Button';
import { Bags } from '../cupboard/Bags';
import { Jars } from '../jars/Jars';
import { KitchenShell } from '../kitchen/KitchenShell';
import { OwnIngredients } from '../goods/OwnIngredients';
import { People } from '../people/People';
import { EggsAndSpoons, HouseRecipes } from '../cupboard/Shelves';
import { WeighedCups } from '../cupboard/WeighedCups';

/** What the recipes of a household share. */
export function CupboardPage() {
  const { household = '' } = useParams();
  const [search] = useSearchParams();
  return (
    <KitchenShell
      household={household}
      title={null}
      link={() => (
        <>
          <ButtonLink to={floursPath(household)}>Flours</ButtonLink>
          <ButtonLink to={ovensPath(household)}>Ovens and tins</ButtonLink>
          <ButtonLink to={learntPath(household)}>What it has learnt</ButtonLink>
          <ButtonLink to={keptPath(household)}>Bin and files</ButtonLink>
        </>
      )}
    >
      {({ doc, change, troubles }) => (
        <>
          <Bags household={household} doc={doc} change={change} />
          <Jars household={household} doc={doc} change={change} />
          <People household={household} people={doc.people} change={change} />
          <OwnIngredients
            household={household}
            ingredients={doc.ingredients}
            change={change}
            describe={search.get('describe')}
          />
          <WeighedCups household={household} doc={doc} change={change} />
          <EggsAndSpoons doc={doc} change={change} />
          <HouseRecipes household={household} doc={doc} change={change} troubles={troubles} />
        </>
      )}
    </KitchenShell>
  );
}
