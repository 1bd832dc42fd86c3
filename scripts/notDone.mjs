/** Said to whoever asked for it, in words; nothing was done. */
export class NotDone extends Error {}
