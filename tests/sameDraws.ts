// The same draws in every run, so that what is found red today is red tomorrow; other draws with FAIR_TIN_SEED=<number>.
import fc from 'fast-check'

fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: Number(process.env.FAIR_TIN_SEED ?? 20_261_126) })
