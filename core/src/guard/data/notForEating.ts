/** Plants and kernels that dress a bake and harm whoever eats them. Common practice; botanical names as in any flora. */
export const NOT_FOR_EATING: readonly { readonly words: RegExp; readonly reason: string }[] = [
  { words: /\b(?:holly|yew|mistletoe|ivy)\b(?: berries| leaves| leaf| sprigs?| twigs?)?/gi, reason: 'poisonous, berries and leaves' },
  { words: /\b(?:lil(?:y|ies) of the valley|oleanders?|foxgloves?|daffodils?|narciss(?:us|i)|jonquils?|hydrangeas?|delphiniums?|larkspurs?|monkshood|wolfsbane|aconites?|hellebores?|christmas roses?|poinsettias?|azaleas?|rhododendrons?|laburnum|wisteria|lupin (?:flowers?|blooms?|spikes?)|sweet ?peas?|snowdrops?|bluebells?|buttercups?|anemones?|ranunculus|clematis|cyclamens?|autumn crocus(?:es)?|hyacinths?|tulips?|iris(?:es)?|(?:arum|calla|peace) lil(?:y|ies)|lil(?:y|ies)|lantana|morning glory|datura|angel'?s trumpets?|nightshade|euphorbia|eucalyptus|box(?:wood)? (?:leaves|sprigs?)|cherry laurel|laurel leaves|privet|spindle berries|rosary peas?|gypsophila|baby'?s breath)\b(?: flowers?| blooms?| petals?| leaves| sprigs?)?/gi, reason: 'poisonous' },
  { words: /\brhubarb lea(?:f|ves)\b/gi, reason: 'the leaves of rhubarb are poisonous' },
  { words: /\b(?:tomato|potato|cherry|plum|peach|apricot|elder) (?:leaf|leaves|twigs?|branch(?:es)?)\b/gi, reason: 'leaves and twigs of these are poisonous' },
  { words: /\btonka\b(?: beans?)?/gi, reason: 'it holds coumarin: a very little, or none; some countries forbid it in food' },
  { words: /\b(?:bitter almonds?|(?:bitter )?(?:apricot|peach|plum|cherry|nectarine) (?:kernels?|stones?|pits?))\b(?! (?:extract|essence|flavou?ring|oil|liqueur|milk))/gi, reason: 'raw kernels hold cyanide' },
  { words: /\b(?:florist'?s?|shop|garden cent(?:re|er)) (?:flowers?|blooms?|roses?)\b/gi, reason: 'cut flowers are sprayed' },
  { words: /\b(?:ribbons?|toothpicks?|cocktail sticks?|skewers?|wires?|sparklers?|candles?|non-edible glitter|craft glitter|toy|figurines?|dragees?|metallic balls?)\b(?= (?:on top|to decorate|for decoration|into the cake|to finish))/gi, reason: 'no food' },
];

/** The same words where they name food: rose water, sweet peas that are vegetables are not among them. */
export const EATEN: readonly RegExp[] = [
  /\b(?:tiger|day) lil(?:y|ies)\b|\blily (?:bulbs?|buds?)\b/gi,
  /\b(?:ground|poison) ivy\b|\bbuttercup squash\b|\bcherry (?:stones?|pits?)(?= (?:removed|out|discarded))/gi,
  /\b(?:removed?|remove|take out|without|discard(?:ing)?|crack(?:ed)?|twist(?:ed)? out) (?:the |their |all )?(?:apricot|peach|plum|cherry|nectarine)? ?(?:kernels?|stones?|pits?)\b/gi,
  /\b(?:apricots?|peach(?:es)?|plums?|cherr(?:y|ies)),? (?:stones?|pits?) (?:removed|out)\b/gi,
];
