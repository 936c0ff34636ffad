import { readFileSync } from 'node:fs';
import { BUILT_IN_KITCHEN, catalogueOf } from '@omniarton/core/kitchen';
import { readRecipe } from '@omniarton/core/read';
import { familyOfPage } from '../core/src/process/family';
let n=0;
for (const f of process.argv.slice(2)) { const {recipe}=readRecipe(readFileSync(f,'utf8'),{kitchen:BUILT_IN_KITCHEN,newId:()=>`l${n++}`});
console.log(JSON.stringify(familyOfPage(recipe,catalogueOf(BUILT_IN_KITCHEN)),null,0)); }
