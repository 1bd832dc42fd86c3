// The door: who comes in, by what key, for how long.
export * from './accounts'
export * from './bakeries'
export { closeDoor, knock, NotLetIn } from './connection'
export * from './counters'
export * from './devices'
export * from './links'
export * from './pins'
export * from './sessions'
