import { useState } from 'react';
import { openJump, settleJump } from '../base/clock';
import { spanOf } from '../bakeday/clocks';
import { Row } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { BigButton } from './BigButton';

/** The clock went on while nobody counted: a sleep, or a hand at the clock. Timers go by which it was. */
export function ClockJumped() {
  const [, settled] = useState(0);
  const jump = openJump();
  if (jump === 0) return null;
  const settle = (was: 'sleep' | 'set') => {
    settleJump(was);
    settled((times) => times + 1);
  };
  return (
    <Notice tone="ask">
      <Row $gap={3}>
        <span>
          This device’s clock went on by {spanOf(jump)} at once. Timers take that for a sleep of the device.
        </span>
        <BigButton onPress={() => settle('sleep')}>It slept</BigButton>
        <BigButton onPress={() => settle('set')}>Its clock was set</BigButton>
      </Row>
    </Notice>
  );
}
