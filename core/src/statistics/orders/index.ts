export { countOrders, imbalanceOf, type Imbalance, type OrderCounts } from './balance';
export { bestImbalance, fewestBalanced, servingOrders, type BestOrders } from './best';
export { williams, type Order } from './williams';
