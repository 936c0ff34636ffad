/** What stands before the lines of a list: dashes, dots, boxes, ticks, arrows, typed ones too. */
export const BULLETS = '(?:[*•‣▢◦·●○■□▪▫◆◇►▸▹➤➔➡→✓✔☐☑»›∙⁃–—-]\\uFE0F?|[-=]{1,2}>|\\[ ?[xX]?\\])';
