import { useEffect, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { Button } from '../../ui/Button';

/** A stage that is longer than so many screens has a list of its sections. */
const SCREENS = 2;
const FEWEST = 3;

/** In the middle: two bars stay above, and on a phone the docket below. */
function show(section: HTMLElement) {
  section.tabIndex = -1;
  section.focus();
  section.scrollIntoView({ block: 'center' });
}

/** The sections of a long stage, in reach wherever one reads: pressed, one comes into view and has the keyboard. */
export function StageContents() {
  const own = useRef<HTMLElement>(null);
  const [sections, setSections] = useState<readonly HTMLElement[]>([]);
  useEffect(() => {
    const stage = own.current!.parentElement!;
    const watch = new ResizeObserver(() => {
      const found = [...stage.querySelectorAll('h2')].filter((one) => one.offsetParent);
      setSections(stage.scrollHeight > SCREENS * innerHeight && found.length >= FEWEST ? found : []);
    });
    watch.observe(stage);
    return () => watch.disconnect();
  }, []);
  return (
    <Contents ref={own} aria-label="On this page" hidden={sections.length === 0}>
      {sections.map((one, at) => (
        <Button key={at} $weight="quiet" onPress={() => show(one)}>
          {one.textContent}
        </Button>
      ))}
    </Contents>
  );
}

const Contents = styled.nav`
  position: sticky;
  top: 50px;
  z-index: 1;
  overflow-x: auto;
  white-space: nowrap;
  background: ${({ theme }) => theme.colour.ground};
`;
