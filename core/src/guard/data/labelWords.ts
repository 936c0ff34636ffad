import type { Avoidance } from '../../vocabulary';

/** Under which words a label may name something. Common practice; EU 1169/2011, Annex II and 21 U.S.C. 343(w) name the groups. */
export const LABEL_WORDS: Readonly<Record<Avoidance | 'gluten', { readonly finds: RegExp; readonly lookFor: string }>> = {
  gluten: { finds: /\bgluten\b|\bcereals? containing gluten\b/i, lookFor: 'wheat, spelt, durum, semolina, farina, rusk, barley, malt, rye, oats' },
  wheat: { finds: /\bwheat\b|\bspelt\b|\bdurum\b|\bsemolina\b|\bkamut\b/i, lookFor: 'wheat, spelt, durum, semolina, farina, rusk' },
  milk: { finds: /(?<!\b(?:coconut|almond|oat|soya?|rice|pea|cashew|hemp) )\b(?:milk|dairy|whey|casein\w*|lactose|cream(?! of tartar)|buttermilk|cheese|yogh?urt|dahi|ghee)\b|(?<!\b(?:cocoa|peanut|nut|almond|shea|apple|seed|cacao) )\bbutter(?!nut|\s?bean)\b/i, lookFor: 'milk, whey, casein, lactose, buttermilk powder, ghee' },
  egg: { finds: /\beggs?\b|\balbumen\b|\blysozyme\b/i, lookFor: 'egg, albumen, lysozyme, dried white' },
  fish: { finds: /\bfish\b|\banchov/i, lookFor: 'fish, anchovy, isinglass, fish gelatine' },
  crustaceans: { finds: /\bcrustacean|\bshellfish\b|\bshrimp|\bprawn|\bcrab\b/i, lookFor: 'crustaceans, shrimp, prawn, crab' },
  molluscs: { finds: /\bmollus[ck]|\boyster|\bmussel|\bsquid/i, lookFor: 'molluscs, oyster, mussel, squid' },
  'tree nuts': { finds: /\b(?:tree[- ]?)?nuts?\b(?<!coconut)(?<!peanut)(?<!tigernut)(?<!tiger nut)(?<!soy nut)(?<!soya nut)(?<!pea nut)|\b(?:almond|hazelnut|walnut|cashew|pecan|pistachio|pista|macadamia|brazil nut|marzipan|praline)s?\b/i, lookFor: 'almond, hazelnut, walnut, cashew, pecan, Brazil nut, pistachio, macadamia, praline, marzipan' },
  peanuts: { finds: /\bpeanuts?\b|\bgroundnuts?\b|\barachis\b/i, lookFor: 'peanut, groundnut, arachis oil' },
  soybeans: { finds: /\bsoya?\b|\bsoy ?beans?\b|\bsoja\b/i, lookFor: 'soya, soy, lecithin (E322) without a source, tofu' },
  sesame: { finds: /\bsesame\b|\btahini\b/i, lookFor: 'sesame, tahini' },
  coconut: { finds: /\bcoconut\b/i, lookFor: 'coconut' },
  lupin: { finds: /\blupine?\b/i, lookFor: 'lupin, lupine flour' },
  celery: { finds: /\bceler(?:y|iac)\b/i, lookFor: 'celery, celeriac, spice mixes' },
  mustard: { finds: /\bmustard\b/i, lookFor: 'mustard' },
  sulphite: { finds: /\bsul(?:ph|f)ites?\b|\bsul(?:ph|f)ur dioxide\b|\bE22[0-8]\b/i, lookFor: 'sulphites, sulphur dioxide, E220–E228' },
  corn: { finds: /\b(?:corn|maize)\b/i, lookFor: 'corn, maize, dextrose, glucose syrup, modified starch' },
  oats: { finds: /\boats?\b/i, lookFor: 'oats, oat fibre, oat syrup' },
  gums: { finds: /\b(?:xanthan|guar|locust bean|gellan|tara gum|E41[0257]|E415)\b/i, lookFor: 'xanthan (E415), guar (E412), locust bean (E410), tara (E417)' },
  nightshades: { finds: /\b(?:potato|paprika|tomato|chilli|cayenne)\w*\b/i, lookFor: 'potato starch, modified starch, paprika' },
};
