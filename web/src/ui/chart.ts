import { Chart } from 'chart.js';

Chart.defaults.font = { family: "'Sofia Sans Condensed Variable', system-ui, sans-serif", size: 15 };

/** Drawn in the page's own type. */
export { Chart };
