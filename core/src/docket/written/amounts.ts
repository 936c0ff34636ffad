/** An amount straight before a food, with its unit: what stands on the list changes, so that a step names the thing alone. */
const NUMBER = String.raw`(?:\d+(?:[.,/⁄]\d+)?(?:\s+\d[/⁄]\d)?\s*[½¼¾⅓⅔⅛]?|[½¼¾⅓⅔⅛]|(?:(?:two|three) (?:quarters|thirds) of (?:an?)|(?:an?|one) (?:third|quarter|half) of an?|(?:\d+|one|two|three|four) and (?:a |one )?(?:half|quarter|third)|an?|one|two|three|four|five|six|half a|a quarter|a couple of|another)(?=\s))`;
const UNIT = String.raw`(?:kg|g|gr|grams?|mls?|l|litres?|liters?|dl|cups?|c\b|tbsps?|tbs|tablespoons?|tablespoonfuls?|tsps?|teaspoons?|oz|ounces?|lbs?|pounds?|pints?|sticks?|mugs?|handfuls?|large|small|medium|heaped|level|rounded)`;
const BEFORE = new RegExp(
  String.raw`(?:the\s+)?(?:about\s+)?${NUMBER}(?:\s*(?:-|–|to)\s*${NUMBER})?\s*(?:${UNIT}\.?\s*){0,2}(?:plus ${NUMBER}\s*${UNIT}\s*)?(?:size \d\s+)?(?:of\s+)?$`,
  'iu',
);

/** Where an amount before a place begins; the place itself where there is none. "Half of the flour" is a share, and stays. */
export function amountBefore(text: string, at: number): number {
  const head = text.slice(0, at);
  if (/\bof (?:the|your|this)\s*$/i.test(head)) return at;
  const match = BEFORE.exec(head);
  return match && match.index > 0 && /[\p{L}\d]$/u.test(head.slice(0, match.index))
    ? at
    : (match?.index ?? at);
}

const TO_FIVE_FROM = 50;
/** A weight or volume within a step, as a kitchen measures it: to 5 from 50 on. */
export const sayRounded = (value: number): string =>
  String(value >= TO_FIVE_FROM ? Math.round(value / 5) * 5 : Math.round(value));
