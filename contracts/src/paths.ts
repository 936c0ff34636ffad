/** Where things are. `:household` and the like are parameters in Express's notation. */
export const PATHS = {
  health: '/api/health',
  me: '/api/me',
  join: '/api/join',
  signIn: '/api/sign-in',
  signOut: '/api/sign-out',
  passphrase: '/api/passphrase',
  certificate: '/api/certificate',
  passkeys: '/api/passkeys',
  passkeyBegin: '/api/passkeys/begin',
  passkey: '/api/passkeys/:passkey',
  passkeyDoor: '/api/passkey-door',
  passkeyDoorBegin: '/api/passkey-door/begin',
  households: '/api/households',
  household: '/api/households/:household',
  devices: '/api/households/:household/devices',
  device: '/api/households/:household/devices/:device',
  codes: '/api/households/:household/codes',
  recovery: '/api/households/:household/recovery',
  member: '/api/households/:household/members/:member',
  trays: '/api/households/:household/trays',
  ballots: '/api/households/:household/recipes/:recipe/tastings/:tasting/ballots',
  bin: '/api/households/:household/bin',
  everything: '/api/households/:household/everything',
  householdErase: '/api/households/:household/erase',
  personTouches: '/api/households/:household/people/:person/touches',
  personErase: '/api/households/:household/people/:person/erase',
  binErase: '/api/households/:household/bin/:kind/:id/erase',
  recipeErase: '/api/households/:household/recipes/:recipe/erase',
  recipes: '/api/households/:household/recipes',
  tags: '/api/households/:household/tags',
  marks: '/api/households/:household/marks',
  recipesAway: '/api/households/:household/recipes-away',
  recipesBack: '/api/households/:household/recipes-back',
  recipe: '/api/households/:household/recipes/:recipe',
  recipeRestore: '/api/households/:household/recipes/:recipe/restore',
  dockets: '/api/households/:household/recipes/:recipe/dockets',
  docket: '/api/households/:household/recipes/:recipe/dockets/:docket',
  bakes: '/api/households/:household/recipes/:recipe/bakes',
  bake: '/api/households/:household/recipes/:recipe/bakes/:bake',
  bakeRestore: '/api/households/:household/recipes/:recipe/bakes/:bake/restore',
  photos: '/api/households/:household/bakes/:bake/photos',
  photo: '/api/households/:household/bakes/:bake/photos/:photo',
  tastings: '/api/households/:household/recipes/:recipe/tastings',
  tasting: '/api/households/:household/recipes/:recipe/tastings/:tasting',
  cupboard: '/api/households/:household/cupboard',
  bag: '/api/households/:household/cupboard/bags/:bag',
  bagRestore: '/api/households/:household/cupboard/bags/:bag/restore',
  moves: '/api/households/:household/cupboard/moves',
  move: '/api/households/:household/cupboard/moves/:move',
  flourUses: '/api/households/:household/flours/:flour/uses',
  kitchen: '/api/households/:household/kitchen',
  settings: '/api/households/:household/settings',
  day: '/api/households/:household/day',
  learning: '/api/households/:household/learning',
} as const;

/** Fills the parameters of a path; a missing one is a programmer's mistake. */
export function pathTo(path: keyof typeof PATHS, parameters: Readonly<Record<string, string>> = {}): string {
  return PATHS[path].replace(/:(\w+)/g, (_, name: string) => {
    const value = parameters[name];
    if (value === undefined) throw new TypeError(`pathTo(${path}): no value for :${name}`);
    return encodeURIComponent(value);
  });
}

/** The header that only our own page sends: a plain cross-site form can't. */
export const APP_HEADER = 'x-omniarton';
/** The header that makes a repeated write return the first answer. */
export const REQUEST_ID_HEADER = 'x-request-id';
/** Largest JSON body in bytes, deepest nesting, and most lines in a recipe's text. */
export const LIMITS = {
  bodyBytes: 512 * 1024,
  depth: 40,
  lines: 1000,
  textChars: 200_000,
  /** Foreign fields of linked data, as JSON. */
  foreignChars: 60_000,
  pageSize: 100,
} as const;
