import { scrubbedDocket } from './scrub';

const PERSON = '0195a0c0-0000-7000-8000-00000000000a';
const OTHER = '0195a0c0-0000-7000-8000-00000000000b';

it('a kept docket loses the name that somebody had then, and the one that they have now; others keep theirs', () => {
  const people = [
    { id: PERSON, name: 'Once' },
    { id: OTHER, name: 'Other' },
  ];
  const kept = { kitchen: { people }, docket: { guard: { forWhom: ['Once', 'Now', 'Other'] } } };
  const { kitchen, docket } = scrubbedDocket(kept, PERSON, 'Now');
  expect(docket.guard.forWhom).toEqual(['', '', 'Other']);
  expect(kitchen.people).toEqual([{ id: OTHER, name: 'Other' }]);
});
