import { pageFigures } from './page';
const p = await pageFigures();
console.log('drag', p.drag, 'wish', p.wish, 'edit', p.edit);
