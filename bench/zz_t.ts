import { BUILT_IN_KITCHEN, catalogueOf } from '/work/main/core/src/kitchen/index';
import { readProse } from '/work/main/core/src/read/prose';
import { readLine } from '/work/main/core/src/read/line';
const r={catalogue:catalogueOf(BUILT_IN_KITCHEN),locale:'UK',eggSize:BUILT_IN_KITCHEN.eggSize} as any;
const show=(x:any)=>x.items.map((i:any)=>[i.ingredient,i.words,i.match,i.grams?.central]);
for(const l of process.argv.slice(2)) console.log(l,'\n  P',JSON.stringify(show(readProse(l,r))),'\n  L',JSON.stringify(show(readLine(l,r))));
