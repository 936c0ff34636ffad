/**
 * What a page of the web says of itself, each as a whole piece between strokes, dots and gaps: buttons, trails, counts of
 * votes, nutrition by the serving. Lower case. Common practice; no source.
 */
export const FURNITURE: readonly RegExp[] = [
  /^(?:(?:skip|jump) to .{2,30}|skip ad.*|menu|home|back|prev(?:ious)?(?: (?:post|recipe|page|card))?|next(?: (?:post|recipe|page|card))?|search|close|my box|my recipes)$/,
  /^(?:(?:print|pin|rate|save|share|e-?mail|scale|bookmark|comment|follow|tweet|copy link|printable version)(?: (?:it|this|me|us|page|(?:this )?recipes?|version|on \w+|for later|a friend|list))?|saved ✓)$/,
  /^(?:log ?in|sign ?(?:in|up)|register|my account|about(?: us)?|contact(?: us)?|shop|subscribe.{0,40}|newsletter.{0,30}|privacy(?: policy)?|imprint|terms(?: of use)?|cookie policy|all rights reserved.*)$/,
  /^(?:advert(?:isement|isment)?s?|ad|sponsored.{0,30}|continue reading.{0,20}|read more|show more|load more|this (?:post|page|site|article) (?:may )?contains? affiliate links\.?)$/,
  /^(?:did you make this.*|leave a (?:comment|reply|review|rating|private note).*|you (?:might|may) also (?:like|enjoy).*|more like this|related recipes.*|tag us.*|(?:private|your) notes? is only.*)$/,
  /^(?:\d[\d,.]* (?:comments?|reviews?|ratings?|votes?|photos?|shares?|likes?|thoughts? on .*)|rating: ?[\d./]+.*|rate this recipe.*)$/,
  /^(?:\d(?:\.\d+)? )?(?:from|by|out of) \d[\d,]* ?(?:votes?|ratings?|reviews?|users?)?$/,
  /^[★☆⭐½♥♡\s]+(?:\d.*)?$/,
  /^\d(?:\.\d+)?(?: ?\/ ?5)? ?(?:\(\d[\d,]*(?: (?:votes?|ratings?|reviews?))?\)|(?:from|out of) \d[\d,]*(?: (?:votes?|ratings?|reviews?))?)$/,
  /^(?:name|date|class|group|teacher|form): ?_{3,}$/,
  /^(?:us customary|metric|(?:½x|\dx)(?: \dx)*)$/,
  /^(?=.*\d ?(?:k?cal|kj|g\b|mg\b))(?:nutrition\b|calories\b|per (?:serv|slice|cookie|muffin|piece|portion|bun|scone|bar)).*(?:k?cals?\b|kj\b|calories|protein|carb).*$/,
  /^calories: ?\d+ ?(?:kcal|cal)?$/,
  /^(?:carbohydrates?|carbs|protein|fat|saturated fat|saturates|sodium|fib(?:er|re)|cholesterol|(?:of which )?sugars|energy):? ?\d[\d.,]* ?(?:m?g|k?cal|kj)$/,
  /^(?:of which saturates|salt):? ?0?\.\d+ ?g$/,
  /^nutrition(?:al)?(?: (?:facts|info(?:rmation)?|values?|panel|label))?(?: \(?per \w+\)?)?:?$/,
  /^(?:tags|keywords?|course|cuisine|categor(?:y|ies)|folder|subject|filed under): ?.{2,60}$/,
  /^(?:from the (?:kitchen|recipe box) of|recipe box|recipe card)\b.{0,40}$/,
  /^(?:https?:\/\/\S+|www\.\S+|(?:#\w+ ?)+)$/,
  /^allergens?(?: info(?:rmation)?)?: ?.{2,120}$/,
  /^(?:©|copyright\b).*$/,
  /^(?:sent from (?:my )?\w+.*|-+ ?forwarded message ?-+|\[forwarded\]|posted (?:on|by|in) .*|filed under:? .*|updated:? \w+ \d.*)$/,
  /^(?:home|recipes|index) ?[»›>/] ?.{2,60}$/,
];
