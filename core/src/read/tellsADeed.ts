const DEEDS =
  /\b(?:add|arrange|bake|beat|blend|boil|bring|chill|combine|cook|cover|cut|dip|divide|fill|fold|freeze|grease|heat|knead|layer|leave|line|melt|mix|place|pour|press|put|refrigerate|roll|rub|scatter|shape|sift|simmer|soak|spoon (?:in|over|into)|spread|sprinkle|steep|stir|tip|turn|whip|whisk|work|folded|creamed|cream (?:the )?(?:butter|marg|fat|sugar)|into the (?:\p{L}+ )?(?:basin|tins?|pans?|dish|bowl|cases))\b/iu;

/** True for a sentence that does something with what it names; a list does nothing. Words that are foods as well ("cream") say nothing. */
export const tellsADeed = (sentence: string): boolean => DEEDS.test(sentence);
