import { useState } from 'react';
import { Row } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { allowSound, askToNotify, canSound, notifying } from './bell';
import { BigButton } from './BigButton';

/** Said before the first timer: a browser is silent until the page was touched, and shows nothing outside it unasked. */
export function SoundsOff() {
  const [sound, setSound] = useState(canSound);
  const [notes, setNotes] = useState(notifying);
  if (sound && notes !== 'ask') return null;
  const allow = async () => {
    setSound(await allowSound());
    await askToNotify();
    setNotes(notifying());
  };
  return (
    <Notice tone="ask">
      <Row $gap={3}>
        <span>
          {sound
            ? 'Timers sound, and can also call you outside this page.'
            : 'Timers are silent until you touch this page once.'}
          {notes === 'no' ? ' This browser shows no notifications: keep the page open.' : ''}
        </span>
        <BigButton onPress={() => void allow()}>
          {sound ? 'Allow notifications' : 'Let timers sound'}
        </BigButton>
      </Row>
    </Notice>
  );
}
