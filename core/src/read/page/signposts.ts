import { cleanLine } from '../clean';

const SIGNPOST =
  /^\W*(?:(?:zutaten|zubereitung|ingr[ée]dients?|pr[ée]paration|ingredienti|procedimento|preparazione|ingredientes|preparaci[óo]n|elaboraci[óo]n|ingredienser|g[öo]r s[åa] h[äa]r|tillagning|samagri|vidhi)(?: (?:f[üu]r|pour|per|para|till) .*)?|(?:the |recipe |cook'?s )?(?:ingredients?(?: list)?|method|directions?|instructions?|steps?|preparation|procedure|notes?|tips?|variations?|storage|to store|equipment|nutrition|faqs?|you(?:'ll| will)? need|what (?:you(?:'ll)? (?:need|do)|goes in|to do)|shopping list|do|make|how(?: to make.*| to| it'?s (?:done|made)| it goes| it works| i (?:do|make) it)?|what|to make(?: (?:it|the .*))?|put (?:it )?together|assembly|here's how|do this)|(?:first|then) the (?:how|what))(?:\s*\([^)]*\)| for \d.*)?\W*$/i;

/** True for a heading that says what follows and names no part of the bake. */
export const isSignpost = (line: string): boolean => SIGNPOST.test(cleanLine(line));
