// Loaded before a server (node --import): its machine's clock goes wrong by OTHER_TIME milliseconds, its timers do not.
const wrong = Number(process.env.OTHER_TIME ?? 0)
const Real = Date
const now = () => Real.now() + wrong
globalThis.Date = new Proxy(Real, {
  construct: (real, given) => (given.length === 0 ? new real(now()) : Reflect.construct(real, given)),
  apply: () => new Real(now()).toString(),
  get: (real, name) => (name === 'now' ? now : Reflect.get(real, name)),
})
