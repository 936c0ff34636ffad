/** What holds on to gluten in a kitchen, by the words of a method; without words it is always on the list. Common practice. */
export const EQUIPMENT: readonly { readonly id: string; readonly words: RegExp | null; readonly check: string }[] = [
  { id: 'bench', words: null, check: 'Wipe the bench, and wash hands and apron, before any certified bag is opened; wheat flour hangs in the air for hours, so bake this first.' },
  { id: 'bags', words: null, check: 'Open certified bags with clean scissors; a scoop that was in wheat flour stays out of them.' },
  { id: 'butter', words: null, check: 'Start a fresh block of fat and a fresh jar: crumbs travel on knives.' },
  { id: 'sieve', words: /\b(?:sift|sieve|strain)/i, check: 'The sieve: one that never met wheat flour. Mesh can’t be washed clean.' },
  { id: 'wood', words: /\b(?:wooden|spatula|stir|board|knead|roll)/i, check: 'Wooden spoons and boards: kept for this kitchen only, or metal and glass instead.' },
  { id: 'rolling-pin', words: /\broll(?:ing|ed)?(?: pin| out)?\b/i, check: 'The rolling pin: wrap it, or roll between two sheets of fresh paper.' },
  { id: 'mixer', words: /\b(?:mixer|beat|whisk|cream|processor|blend|pulse)/i, check: 'Mixer and processor: take apart, wash blade, bowl, seal and the arm above.' },
  { id: 'tins', words: /\b(?:tin|pan|mould|muffin|loaf)/i, check: 'Tins with seams or scratches: line them with fresh paper.' },
  { id: 'tray', words: /\b(?:tray|sheet|rack)/i, check: 'Baking trays and cooling racks: washed, and lined with fresh paper.' },
  { id: 'brush', words: /\b(?:brush|glaze|egg ?wash)/i, check: 'The pastry brush: a new or silicone one.' },
  { id: 'piping', words: /\bpip(?:e|ing)\b/i, check: 'Piping bag and nozzles: a fresh bag, nozzles boiled.' },
  { id: 'fryer', words: /\b(?:fry|fryer|deep[- ]fat)/i, check: 'The frying oil: fresh; oil that fried batter or crumbs holds gluten.' },
  { id: 'toaster', words: /\btoast/i, check: 'No toaster that toasts bread: a clean pan or tray.' },
  { id: 'cutters', words: /\bcut(?:ter|ters| out)\b/i, check: 'Cutters: washed in their folds.' },
  { id: 'fan', words: /\bfan\b|\bconvection\b/i, check: 'A fan oven blows crumbs about: nothing with wheat in it at the same time.' },
  { id: 'plates', words: null, check: 'Cool, keep and serve it apart, under its own cover and with its own knife, and name it.' },
];
