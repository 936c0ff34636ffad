import type { Material } from './material';

/** A solid that neither dries nor changes: what the series solutions are for. W/(m·K), J/(kg·K), kg/m³. */
export const plain = (conductivity: number, heat = 3000, density = 1000): Material => ({
  activity: 0,
  boiling: 400,
  freezing: -40,
  water: 0,
  density,
  conductivity: () => conductivity,
  heat: () => heat,
  ofAll(_celsius, _porosity, conductivities, heats) {
    conductivities.fill(conductivity);
    heats.fill(heat);
  },
});
