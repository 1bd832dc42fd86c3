// Words for what is done to a thing before it is weighed or after: before the name, behind it, and in phrases.

const participle =
  'smashed up|smashed|bashed|broken up|chopped|sliced|diced|grated|melted|softened|toasted|sifted|sieved|peeled|mashed|crushed|shredded|beaten up|beaten|cubed|halved|quartered|stoned|pitted|cored|hulled|squeezed|packed|chilled|cooled|warmed|crumbled|drained|rinsed|trimmed|defrosted|thawed|zested|juiced|minced|deseeded|destoned|pureed|puréed|whisked|washed|bruised|scrubbed|shelled|skinned|snipped|let down|slackened|loosened'
/** Only behind the name: before it they belong to it, as in split peas, strained yoghurt, ground almonds. */
const behindOnly = 'strained|split|cut|broken|torn|separated|soaked|cooked|ground|roasted|blanched|ripe'
/** Only before the name. */
const state =
  'warm|room[- ]temperature|soft(?! (?:\\S+ )?(?:spread|margarine)\\b| (?:brown|light|dark|cheese|fruits?|scoop)\\b)|cold|over-?ripe|ripe'
const manner = '(?:very |well[- ]|not too |just |\\p{L}+ly[- ])'

const before = new RegExp(
  `^(?:${manner}*(?:${participle}|${state})|freshly (?:ground|brewed|made|picked|boiled))(?:,? and |,? )`,
  'iu',
)
const behind = new RegExp(
  `(?:^|[ ,])(?:${manner}*(?:${participle}|${behindOnly})(?: (?:fine|small|coarsely|finely|roughly|lightly|thinly|well|thoroughly|lengthways|overnight))?(?:,? and |, | & )?)+$`,
  'iu',
)
const done = `\\p{L}{2,}ed|cut|broken|split|torn|ground|frozen|beaten|made up|left|whizzed|put`
const how =
  'into|in(?! (?:syrup|juice|brine|water|oil|their)\\b)|to|with|at|for|overnight|until|then|down|through|lengthways|crossways|on|as'
const phrase = new RegExp(
  `^(?:(?:very |roughly |coarsely |finely |lightly |thinly )?(?:${done})(?: and \\p{L}+)? (?:${how})\\b|at room temp|(?:straight |cold )?from (?:the|an?) (?:\\p{L}+ ){0,3}(?:kettle|fridge|freezer|tap|packet|jar|tin|can|tub|bag|carton)\\b|for (?:the|your|each|this) |(?:one|bit|little|spoon) by (?:one|bit|little|spoon)\\b|(?:one|an?|two) (?:\\p{L}+ )?at a time\\b|gradually\\b|(?:only )?(?:if|when|until|because|depending on) |kept |left |to (?:bind|mix|loosen|thin|combine|make|form|seal|slacken|moisten|let it down)\\b)`,
  'iu',
)
/** Participles that are part of a name: "freeze-dried", "reduced in fat", "dairy-free spread enriched with". */
const named =
  /^(?:dried|condensed|evaporated|fortified|enriched|reduced|flavoured|based|coated|baked|seed|need|feed|red)$/i

/** Takes the words of preparation off the front, one group at a time: "peeled and grated carrots" are carrots. */
export function takeBefore(item: string): { preps: string[]; item: string } {
  const preps: string[] = []
  let left = item
  for (
    let found = before.exec(`${left} `);
    found && left.length > found[0].trimEnd().length;
    found = before.exec(`${left} `)
  ) {
    preps.push(
      found[0]
        .trim()
        .replace(/,$| and$/i, '')
        .toLowerCase(),
    )
    left = left.slice(found[0].length).trim()
  }
  return { preps, item: left }
}

export const startsWithPrep = (text: string): boolean => before.test(`${text} `) || phrase.test(text)

/** "plain chocolate broken into bits", "carrots peeled and grated": the thing, and what is done to it, or null. */
export function takeBehind(text: string): { item: string; prep: string } | null {
  for (let at = text.indexOf(' '); at > 0; at = text.indexOf(' ', at + 1)) {
    const rest = text.slice(at + 1)
    const word = /^\p{L}+/u.exec(rest.replace(/^(?:very|roughly|coarsely|finely|lightly|thinly) /i, ''))?.[0] ?? ''
    if (phrase.test(rest) && !named.test(word)) return { item: text.slice(0, at), prep: rest }
  }
  const trailing = behind.exec(text)
  if (trailing && trailing.index > 0) {
    const item = text.slice(0, trailing.index).trim()
    // "freshly squeezed" and the like are no thing
    if (item && !/(?:ly|and|or|,)$/i.test(item)) return { item, prep: text.slice(trailing.index).trim() }
  }
  return null
}
