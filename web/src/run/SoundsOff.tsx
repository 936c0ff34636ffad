import { useState } from 'react';
import { Row } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { allowSound, askToNotify, canSound, notifying } from './bell';
import { BigButton } from './BigButton';

/** Said before the first timer: a browser is silent until the page was touched, and shows nothing outside it unasked. */
export function SoundsOff() {
  const [sound, setSound] = useState(canSound);
  if (sound) return null;
  const allow = async () => {
    setSound(await allowSound());
    await askToNotify();
  };
  return (
    <Notice tone="ask">
      <Row $gap={3}>
        <span>
          Timers are silent until you touch this page once.
          {notifying() === 'no' ? ' This browser shows no notifications: keep the page in sight.' : ''}
        </span>
        <BigButton onPress={() => void allow()}>Let timers sound</BigButton>
      </Row>
    </Notice>
  );
}
