import { useParams } from 'react-router';
import { cupboardPath } from '../base/paths';
import { KitchenShell } from '../kitchen/KitchenShell';
import { ButtonLink } from '../ui/Button';
import { MicrowaveTest } from './MicrowaveTest';
import { Ovens } from './Ovens';
import { OwnPans } from './OwnPans';

/** The ovens of a household, its microwave and its tins: what its bake times hang on. */
export function OvensPage() {
  const { household = '' } = useParams();
  return (
    <KitchenShell
      household={household}
      title="Ovens and tins"
      link={(name) => <ButtonLink to={cupboardPath(household)}>{name}</ButtonLink>}
    >
      {({ doc, change }) => (
        <>
          <Ovens ovens={doc.ovens} change={change} />
          <MicrowaveTest microwave={doc.microwave} change={change} />
          <OwnPans pans={doc.pans} change={change} />
        </>
      )}
    </KitchenShell>
  );
}
