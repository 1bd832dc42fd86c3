// The script in every page’s head that remembers what is typed before anybody listens; see EarlyTyping.
/** Runs as it stands in the page’s head, before all else: an element React has awoken bears its props. */
export const remembersTyping = `typedEarly=new Map();addEventListener('input',function(e){var f=e.target;if(!/^(INPUT|TEXTAREA)$/.test(f.tagName)||/^(checkbox|radio|file)$/.test(f.type))return;Object.keys(f).some(function(k){return k.startsWith('__reactProps')})?typedEarly.delete(f):typedEarly.set(f,f.value)},true)`
