import { PATHS, type HouseRole } from '@omniarton/contracts';

type Method = 'GET' | 'PUT' | 'POST' | 'DELETE';
type Right = `${Method} ${string}`;

/** An owner's alone: who is in, and what can't be undone. */
const OWNERS: ReadonlySet<Right> = new Set<Right>([
  `DELETE ${PATHS.household}`,
  `DELETE ${PATHS.member}`,
  `PUT ${PATHS.member}`,
  `POST ${PATHS.codes}`,
  `POST ${PATHS.recovery}`,
  `PUT ${PATHS.everything}`,
  `POST ${PATHS.everything}`,
  `POST ${PATHS.householdErase}`,
  `POST ${PATHS.personErase}`,
  `POST ${PATHS.binErase}`,
  `POST ${PATHS.recipeErase}`,
]);

/** What is one's own in any household. */
const EVERYBODYS: readonly Right[] = [
  `GET ${PATHS.settings}`,
  `PUT ${PATHS.settings}`,
  `GET ${PATHS.devices}`,
  `DELETE ${PATHS.device}`,
  `GET ${PATHS.trays}`,
  `POST ${PATHS.ballots}`,
];

/** A helper reads what is baked from, and ticks and times the day; `shelf/helped` looks at what they send. */
const HELPERS: ReadonlySet<Right> = new Set<Right>([
  ...EVERYBODYS,
  ...[
    PATHS.recipes,
    PATHS.recipe,
    PATHS.tags,
    PATHS.dockets,
    PATHS.docket,
    PATHS.bakes,
    PATHS.bake,
    PATHS.photos,
    PATHS.photo,
    PATHS.cupboard,
    PATHS.kitchen,
    PATHS.day,
  ].map((path): Right => `GET ${path}`),
  `PUT ${PATHS.day}`,
]);

const TASTERS: ReadonlySet<Right> = new Set(EVERYBODYS);

/** Whether a role may do something at an address of a household. `path`: as it stands in the paths, with its parameters' names. */
export function mayDo(role: HouseRole, method: string, path: string): boolean {
  const right = `${method === 'HEAD' ? 'GET' : method} ${path}` as Right;
  switch (role) {
    case 'owner':
      return true;
    case 'baker':
      return !OWNERS.has(right);
    case 'helper':
      return HELPERS.has(right);
    case 'taster':
      return TASTERS.has(right);
  }
}

export const ROLE_NAMES: Readonly<Record<HouseRole, string>> = {
  owner: 'An owner',
  baker: 'A baker',
  helper: 'A helper',
  taster: 'A taster',
};
