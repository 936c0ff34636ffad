/** What stands before the lines of a list: dashes, dots, boxes, ticks, arrows. */
export const BULLETS = '(?:[*•‣▢◦·●○■□▪▫◆◇►▸▹➤➔➡→✓✔☐☑»›∙⁃–—-]\\uFE0F?|\\[ ?[xX]?\\])';
