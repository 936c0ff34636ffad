/** What stands before the lines of a list: dashes, dots, boxes, ticks, arrows, typed ones too. */
export const BULLETS = '(?:[*•‣▢◦·●○■□▪▫◆◇►▸▹➤➔➡→✓✔☐☑»›∙⁃–—-]\\uFE0F?|[-=]{0,2}>{1,3}|\\[ ?[xX]?\\])';

/** Little pictures do too; a star is a vote, and © speaks of the page. */
export const PICTURES = '(?:(?![©®™⭐])\\p{Extended_Pictographic}[\\uFE0F\\u200D]*)+';
