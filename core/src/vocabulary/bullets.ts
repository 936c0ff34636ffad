/** What stands before the lines of a list: dashes, dots, boxes, ticks, arrows, typed ones too. */
export const BULLETS = '(?:[*•‣▢◦·●○■□▪▫◆◇►▸▹➤➔➡→✓✔☐☑»›∙⁃–—-]\\uFE0F?|[-=]{1,2}>|\\[ ?[xX]?\\])';

/** Little pictures do too; a star is a vote, and © speaks of the page. */
export const PICTURES = '(?:(?![©®™⭐])\\p{Extended_Pictographic}[\\uFE0F\\u200D]*)+';
