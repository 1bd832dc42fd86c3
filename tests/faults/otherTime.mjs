// Loaded before a server (node --import): its machine's clock goes wrong by OTHER_TIME milliseconds, its timers do not.
const wrong = Number(process.env.OTHER_TIME ?? 0)
const Real = Date
globalThis.Date = class extends Real {
  constructor(...given) {
    if (given.length === 0) super(Real.now() + wrong)
    else super(...given)
  }
  static now() {
    return Real.now() + wrong
  }
}
