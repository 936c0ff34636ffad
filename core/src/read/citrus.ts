const JUICE =
  /^(?:the )?(?:(finely )?(?:grated )?(zest|rind|peel)(?: (?:and|&|\+) (juice))?|(juice)(?: (?:and|&|\+) (?:grated )?(zest|rind|peel))?) (?:(?:of|from) |(?=\d|[½¼¾]|(?:an?|half|one|two|three|four) ))(.+)$/i;
const FRUIT =
  '((?:un)?waxed |large |small |medium |big |organic |unsprayed )*(?:lemons?|limes?|oranges?|clementines?|grapefruits?|mandarins?)';
/** What is used of a fruit: "1 lemon, zested and juiced", "2 limes (juice only)", "1 lemon, zest + half the juice". */
const FRUIT_USED = new RegExp(
  `^([\\d/. ]*\\s*${FRUIT})\\s*[,(:]\\s*(?:untreated\\W+|unwaxed\\W+)?((?:(?:finely |freshly )?(?:grated )?(?:zest(?:ed)?|juiced?|rind|peel|only|and|grated|of|the|its|all|half|[+&:])[ ),]*)+)(?:\\(?(?:ca\\.|about ).*)?$`,
  'i',
);
/** "1 lemon, zest and 2 tbsp juice": as much of its juice. */
const ZEST_AND_SOME_JUICE = new RegExp(
  `^([\\d/. ]*)\\s*${FRUIT}\\s*[,(]\\s*(?:finely |freshly )?(?:grated )?(?:zest(?:ed)?|rind)\\s*(?:and|plus|[+&,])\\s*(.*\\d.*?)\\s*(?:of (?:the |its )?)?juice\\)?$`,
  'i',
);
/** "Zest of 3 lemons and ¼ cup juice": as much of their juice. */
const ZEST_OF_AND_SOME_JUICE = new RegExp(
  `^(?:the )?(?:finely )?(?:grated )?(?:zest|rind|peel) of ([\\d/. ]*|half an?|an?) ?${FRUIT}\\s*(?:and|plus|[+&,])\\s*(.*\\d.*?)\\s*(?:of (?:the |its |their )?)?(?:lemon |lime |orange )?juice\\)?$`,
  'i',
);
const CITRUS = /\b(lemon|lime|orange|clementine|grapefruit|mandarin)s?\b/i;
/** "Zest of 2 lemons, juice of 1". */
const EACH_OF =
  /^(?:finely )?(?:grated )?(zest|rind|peel|juice) of ([\d/. ]+)\s*(.+?),? (?:and )?(?:the )?(zest|rind|peel|juice) of ([\d/. ]+|half)$/i;

const amountOf = (words: string) => (/half/i.test(words) ? '1/2' : words.trim());
const inHalf = (amount: string) => {
  const [number = 1, part] = amount.split('/').map(Number);
  return String((part ? number / part : Number.isNaN(number) ? 1 : number) / 2);
};

/** "grated zest and juice of 2 lemons" → "2 lemon zest", "2 lemon juice". A text that speaks of no citrus fruit is itself. */
export function juiceAndZest(text: string): string[] {
  const each = EACH_OF.exec(text);
  const one = CITRUS.exec(each?.[3] ?? '')?.[1];
  if (each && one)
    return [
      `${amountOf(each[2]!)} ${one} ${/juice/i.test(each[1]!) ? 'juice' : 'zest'}`,
      `${amountOf(each[5]!)} ${one} ${/juice/i.test(each[4]!) ? 'juice' : 'zest'}`,
    ];
  const some = ZEST_AND_SOME_JUICE.exec(text);
  const whose = CITRUS.exec(text)?.[1];
  const of = ZEST_OF_AND_SOME_JUICE.exec(text);
  if (of && whose)
    return [
      `${/half|\d/.test(of[1]!) ? amountOf(of[1]!) : '1'} ${whose} zest`,
      `${of.at(-1)} ${whose} juice`,
    ];
  if (some && whose) return [`${some[1]!.trim() || '1'} ${whose} zest`, `${some.at(-1)} ${whose} juice`];
  const used = FRUIT_USED.exec(text);
  if (used) {
    const [, fruit = '', , how = ''] = used;
    const name = CITRUS.exec(fruit)?.[1];
    const amount =
      fruit
        .slice(0, fruit.search(CITRUS))
        .replace(/[a-z]+/gi, '')
        .trim() || '1';
    const zest = /zest|rind|peel/i.test(how) ? [`${amount} ${name} zest`] : [];
    const half = /\bhalf (?:of )?(?:the |its )?juice/i.test(how);
    const juice = /juice/i.test(how) ? [`${half ? inHalf(amount) : amount} ${name} juice`] : [];
    if (name && zest.length + juice.length > 0) return [...zest, ...juice];
  }
  const match = JUICE.exec(text);
  const rest = match?.[6] ?? '';
  const fruit = CITRUS.exec(rest)?.[1];
  if (!match || !fruit) return [text];
  const amount =
    rest
      .slice(0, rest.search(CITRUS))
      .replace(/\b(?!half\b|one\b|two\b|three\b|four\b)[\p{L}-]{3,}/gu, '')
      .trim() || '1';
  const zest = (match[2] ?? match[5]) ? [`${amount} ${fruit} zest`] : [];
  const juice = (match[3] ?? match[4]) ? [`${amount} ${fruit} juice`] : [];
  return [...zest, ...juice];
}
