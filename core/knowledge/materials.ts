/** Densities [kg/m³]; from memory. `leadAlloy` is the alloy of cast jig heads, `silicone` that of skirts. */
export const MATERIAL_DENSITY = { lead: 11340, leadAlloy: 11000, steel: 7850, brass: 8500, silicone: 1100 } as const
