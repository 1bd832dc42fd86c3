// Short phrases of other kitchens' tongues that say where a thing goes or how much of it, put into the English that is read.
// What they stand beside keeps its own words. From memory of how recipes are written there; no published source.

const phrases: readonly (readonly [english: string, words: string])[] = [
  [
    'for the tin',
    'für (?:die|das|den) (?:\\p{L}*form|förmchen|formen|\\p{L}*blech|mulden)|zum (?:ein)?fetten(?: der form)?|zum ausfetten|pour (?:le|les|beurrer le|graisser le) moules?|pour (?:beurrer|graisser)|per (?:lo stampo|la teglia|la tortiera|ungere(?: lo stampo| la teglia)?|imburrare)|para (?:el molde|la bandeja|engrasar(?: el molde)?|untar)|voor (?:de|het) (?:\\p{L}*vorm|bakblik|bakplaat)|om in te vetten|do (?:wysmarowania )?formy|do wysmarowania|na vymazání(?: formy)?|till formen|til formen|vuokaan|для формы|для смазывания(?: формы)?|для форми',
  ],
  [
    'to decorate',
    'zum (?:bestäuben|bestreuen|verzieren|dekorieren|garnieren|bestreichen)|zur (?:dekoration|garnitur)|für die (?:deko|dekoration|garnitur)|pour (?:saupoudrer|décorer|garnir|parsemer|dorer|la décoration|la déco|le dessus)|per (?:spolverizzare|decorare|guarnire|la decorazione|la superficie)|para (?:espolvorear|decorar|adornar|la decoración)|(?:om te|ter) (?:bestuiven|garneren|decoreren|decoratie|garnering)|voor de (?:garnering|decoratie)|do (?:posypania|dekoracji|ozdoby)|na (?:ozdobu|posypání)|till (?:garnering|dekoration)|til pynt|для (?:посыпки|украшения|декора)|для (?:посипки|прикраси)',
  ],
  [
    'to serve',
    'zum servieren|pour (?:servir|accompagner)|per (?:servire|accompagnare)|para (?:servir|acompañar)|om te serveren|voor erbij|do podania|k podávání|till servering|til servering|для подачи|для подання',
  ],
  [
    'to taste',
    'nach geschmack|à votre goût|selon (?:le |votre )?goût|q\\.? ?b\\.?|quanto basta|al gusto|naar smaak|do smaku|по вкусу|за смаком',
  ],
  [
    '(optional)',
    '\\(?(?:nach belieben|wer mag|facultatif|facoltativ[oaie]|opzionale|opcional|facultatief|naar keuze|opcjonalnie|по желанию|за бажанням)\\)?',
  ],
]
const patterns = phrases.map(([english, words]) => ({
  english,
  pattern: new RegExp(`(?<!\\p{L})(?:${words})(?!\\p{L})`, 'giu'),
}))
/** At the head of a line: "etwas Butter", "un peu de sucre". */
const some =
  /^(?:etwas(?!\p{L})|ein (?:wenig|bisschen)(?!\p{L})|un peu (?:de |d[’'])|un po[’'] (?:di |d[’'])?|un poco (?:de|di) |een (?:beetje|scheutje)|(?:trochę|odrobina|trochu|lite|litt|lidt|немного|немножко|трохи)(?!\p{L}))\s*(?=\p{L})/giu

/** What is replaced by what, in order. */
export const ofOtherTongues: readonly { english: string; pattern: RegExp }[] = [
  ...patterns,
  { english: 'some ', pattern: some },
]

const people =
  'personen|personnes?|(?<=pour \\d{1,3} )parts?|persone|porzioni|fette|personas|porciones|raciones|stuks|plakken|stücke?|stk\\.?|scheiben|porcj\\p{L}+|porci\\p{L}+|kawałk\\p{L}+|os[oó]b|bitar|portioner|порци\\p{L}+|кусоч?к\\p{L}+'
const makes = new RegExp(
  `(?:^(?:\\p{L}+ )?|[,(|] ?)(?:für|ergibt|pour|per|para|voor|na|dla|till|til|на)?\\s*(?:ca\\.? ?|etwa |environ |circa )?(\\d{1,3})\\s*(?:[-–]\\s*\\d{1,3}\\s*)?(?:${people})(?!\\p{L})`,
  'iu',
)
/** "Pour 8 personnes", "12 Stücke", or null. */
export const piecesInOtherTongues = (row: string): number | null => {
  const said = makes.exec(row)
  return said && Number(said[1])
}

const deeds =
  '(?:ver|unter|ein|auf|zer)?(?:mischen|rühren|schlagen|kneten|heben|schmelzen|heizen|geben|füllen|kochen|lassen|stellen|streichen|legen|ziehen)|vorheizen|backen|abkühlen|servieren|mélange[rz]|ajoute[rz]|verse[rz]|batte[rz]|fai(?:re|tes)|préchauffe[rz]|enfourne[rz]|incorpore[rz]|fouette[rz]|laisse[rz]|mette[rz]|coupe[rz]|serve[rz]|mescola(?:te|re)?|aggiunge(?:te|re)|versa(?:te|re)|sbatte(?:te|re)|inforna(?:te|re)|scalda(?:te|re)|lascia(?:te|re)|mezcla[rd]?|añad(?:e|ir)|bat(?:e|ir)|hornea[rd]?|viert[ea]|calienta|deja[rd]?|meng(?:en)?|roer(?:en)?|klop(?:pen)?|bak(?:ken)?|verwarm(?:en)?|wymieszać|wymieszaj|dodać|dodaj|ubić|ubij|piec|upiec|zagrzać|rozgrzej|смеша\\p{L}+|добав\\p{L}+|взб\\p{L}+|выпека\\p{L}+|разогре\\p{L}+|перемеша\\p{L}+|выли\\p{L}+'
const deed = new RegExp(`(?<!\\p{L})(?:${deeds})(?!\\p{L})`, 'iu')
/** "Mélangez tout.", "Alles verrühren und 40 Minuten backen.": a sentence that tells somebody to do something. */
export const tellsToDoInOtherTongues = (row: string): boolean =>
  /[.!]$|\d/.test(row) && row.split(' ').length > 1 && deed.test(row)
