import fc from 'fast-check'

/** Properties are tried on the same draws each time, so that a check that held here holds where it is repeated; `FC_SEED` tries others. */
fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 20_261_125) })
