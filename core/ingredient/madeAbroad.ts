// Foods made of others, as other tongues call them: "Strudelteig", "pasta frolla", "bakalie". A row a tongue, what is usually in each.
// Common practice, no published source. Written out are the names that no word of `tongues` gives away, or gives away in part only.
import { type AllergenCode, glutenCereals, treeNuts } from '../model/allergen'

/** `words` are regular expression sources, whole words; `holds` names allergens, or the groups "gluten" and "nuts". */
interface MadeAbroad {
  tongue: string
  made: readonly (readonly [holds: string, words: string])[]
}
/** A compound that does not begin so: rice noodles and maize wafers are of no wheat. */
const butOf = (grains: string) => `(?!${grains})\\p{L}*`
const ofGerman = butOf('reis|mais|glas|buchweizen|kartoffel|kichererbsen|linsen|hirse|johannis')
const ofDutch = butOf('rijst|ma[iï]s|glas|boekweit')

const abroad: readonly MadeAbroad[] = [
  {
    tongue: 'German',
    made: [
      [
        'gluten',
        `\\p{L}+teig(?:platten|e[ns]?)?|(?:torten|biskuit|kuchen|mürbe|keks)b[oö]den|${ofGerman}(?:brote?s?|waffeln?|nudeln?)|br(?:ez|etz)eln?|laugen(?:gebäck|stangen?)|spätzle|knöpfle|maultaschen|grie(?:ß|ss)(?!\\p{L}*flammeri)\\p{L}*|\\p{L}*knödel|semmeln?|plätzchen|krapfen|panade|croûtons|\\p{L}+kuchen|\\p{L}*torten?|\\p{L}*keksen?`,
      ],
      [
        'egg',
        'löffelbiskuits?|biskuit\\p{L}*|spätzle|baisers?|eischaum|schaumküsse?|eierstich|vanillesauce|vanillesoße',
      ],
      [
        'milk',
        'butterkekse?n?|grie(?:ß|ss)brei|milchreis|\\p{L}+pudding|schmand|buttercreme|vanille(?:sauce|soße)|karamell(?:sauce|soße|bonbons?)|weiße (?:schokolade|kuvertüre)|topfen\\p{L}*|obers|crème? double',
      ],
      ['almond', 'amarett(?:i|ini)|bethmännchen|marzipan\\p{L}*'],
      ['nuts', 'studentenfutter|nougat\\p{L}*|krokant\\p{L}*'],
    ],
  },
  {
    tongue: 'French',
    made: [
      [
        'gluten',
        "pâtes? (?:brisées?|sablées?|filo|phyllo|à (?:pain|pizza|tarte|choux|crêpes?|frire|beignets?))|petits?[- ]beurres?|pains? (?:d[’']épices?|de mie|rassis|au lait|perdu)|spéculoos|gaufr(?:e|ette)s?|nouilles?(?! de (?:riz|sarrasin))|vermicelles?(?! de riz)|boudoirs?|palets? bretons?|galettes?(?! de (?:riz|maïs|sarrasin))|fonds? de tarte|tartelettes?|beignets?|croûtons?|boulgour|gâteaux?|sablés?|cigarettes? russes?",
      ],
      ['milk', 'chocolat blanc|flan|riz au lait|béchamel|sauce caramel|caramels? mous?|confiture de lait'],
      ['egg', 'boudoirs?|flan|îles? flottantes?|meringu(?:e|ette)s?'],
      ['almond', 'dragées?|calissons?|nougatine'],
      ['nuts', 'pralin|pâtes? à tartiner|nougatine'],
    ],
  },
  {
    tongue: 'Italian',
    made: [
      [
        'gluten',
        'pan(?:e)? di spagna|semolino|cialde|crostat[ae]|ciambell\\p{L}*|taralli|friselle|besciamella|pandoro|colomba pasquale|(?:pasta|impasto) (?:brisé|brisée|fillo|choux)|bigné|tramezzini|panin[io]',
      ],
      ['milk', 'crema pasticcera|besciamella|pandoro|stracciatella|cioccolato bianco|crema chantilly'],
      ['egg', 'pan(?:e)? di spagna|crema pasticcera|pandoro|zabaione|zabaglione|meringhe?|ciambell\\p{L}*'],
      ['nuts', 'croccante'],
    ],
  },
  {
    tongue: 'Spanish',
    made: [
      [
        'gluten',
        'masa (?:quebrada|brisa|filo|choux|de (?:pizza|hojaldre|pan))|bizcoch(?:o|os|uelos?)|barquillos?|obleas?|magdalenas?|rosquillas?|picatostes?|polvor[oó]n(?:es)?|mantecados?|empanad\\p{L}*|sobaos?|tortas? de aceite|rebozados?',
      ],
      ['milk', 'natillas|crema pastelera|arequipe|cajeta|chocolate blanco|flan'],
      ['egg', 'bizcoch(?:o|os|uelos?)|magdalenas?|natillas|crema pastelera|merengues?|flan|sobaos?'],
    ],
  },
  {
    tongue: 'Portuguese',
    made: [
      [
        'gluten',
        'biscoitos?(?! de polvilho)|massas? (?:quebrada|filo|areada|tenra)|pão de ló|macarrão(?! de arroz)|aletria|torradas?|bolos?|cuscuz',
      ],
      ['milk', 'creme (?:pasteleiro|de confeiteiro)|brigadeiros?|beijinhos?|chocolate branco|pudim'],
      ['egg', 'biscoitos? champanhe|pão de ló|creme (?:pasteleiro|de confeiteiro)|suspiros?|pudim'],
      ['peanut', 'paçocas?|pé de moleque'],
    ],
  },
  {
    tongue: 'Dutch',
    made: [
      [
        'gluten',
        `\\p{L}*koek(?:en|jes?)?|${ofDutch}wafels?|lange vingers|speculaas(?:jes?|brokken)?|(?:kruid|peper)noten|grie(?:s|ß)meel|taartbodems?|poffertjes|\\p{L}+deeg|${ofDutch}noedels?|kadetjes?|broodjes?|gebak`,
      ],
      ['milk', '\\p{L}*vla|banketbakkersroom|witte chocolade'],
      ['egg', 'lange vingers|banketbakkersroom|schuimpjes?'],
      ['almond', 'banketspijs|gevulde koek(?:en)?'],
    ],
  },
  {
    tongue: 'Swedish, Danish and Norwegian',
    made: [
      [
        'gluten',
        '\\p{L}+(?:deg(?:en)?|dej(?:en)?|deig(?:en)?)|\\p{L}*kak(?:a|or|e|er)|(?:(?:små|æble|chokolade|lag|honning|brun|peber|drømme|fødselsdags|sand|vand)-?)?kage[rn]?|kavring\\p{L}*|skorpor|kammerjunkere?|tvebakker|v[aå]ff(?:el|la|lor|ler)\\p{L}*|lefser?|lomper?|boller|mazariner?|kiks|ostkex|wienerbrød|franskbrød',
      ],
      [
        'milk',
        'kesella|kvarg|vanilj(?:kräm|sås)|vaniljekrem|vaniljecreme|kagecreme|rømme|brunost|remonce|vit choklad|hvid chokolade',
      ],
      ['egg', 'vanilj(?:kräm|sås)|vaniljekrem|vaniljecreme|kagecreme|marängs?|marengs|sockerkak\\p{L}*'],
      ['almond', 'kransekage\\p{L}*|kransekake\\p{L}*|mazariner?|makronbund\\p{L}*'],
    ],
  },
  {
    tongue: 'Finnish',
    made: [
      [
        'gluten',
        '\\p{L}+taikin\\p{L}+|pull(?:a|aa|at|ia|an)|piparkak\\p{L}+|vohvel\\p{L}+|manna(?:suurimo|puuro|ryyni)\\p{L}*|makaroni\\p{L}*|\\p{L}*kakku\\p{L}*|rinkel\\p{L}+',
      ],
      ['milk', 'vaniljakastik\\p{L}+|ranskankerma\\p{L}*|valkosuklaa\\p{L}*'],
      ['egg', 'marenk\\p{L}+|vaniljakastik\\p{L}+'],
    ],
  },
  {
    tongue: 'Polish',
    made: [
      [
        'gluten',
        'ciast\\p{L}{1,3} (?:kruch|francusk|drożdżow|filo|parzon|półfrancusk)\\p{L}*|ciast(?:ka|ek|kami|eczka)|makaron\\p{L}{0,3}(?! (?:ryżow|kukurydzian|gryczan))|kasz\\p{L}{1,2} mann\\p{L}{1,2}|piernik\\p{L}*|wafl\\p{L}+(?! (?:ryżow|kukurydzian))|rogalik\\p{L}*|pierog\\p{L}*|naleśnik\\p{L}*|suchark\\p{L}+|grzank\\p{L}+|bułk\\p{L}+|biszkopt\\p{L}*|pączk\\p{L}+',
      ],
      ['milk', 'kajmak\\p{L}*|krówk\\p{L}+|biał\\p{L}+ czekolad\\p{L}+|krem\\p{L}{0,3} budyniow\\p{L}+'],
      ['egg', 'biszkopt\\p{L}*|bez(?:a|y|ą|ę)|beziki|ajerkoniak\\p{L}*'],
      ['nuts', 'bakali\\p{L}+'],
      ['sesame', 'chałw\\p{L}+'],
    ],
  },
  {
    tongue: 'Czech',
    made: [
      [
        'gluten',
        'krupi(?:ce|ci|cí|čk\\p{L}*)(?! (?:kukuřičn|rýžov))|oplat\\p{L}+|perník\\p{L}*|knedlík\\p{L}*|nudl\\p{L}+|rohlík\\p{L}*|housk\\p{L}+|vánočk\\p{L}+|piškot\\p{L}*|bábovk\\p{L}+|buchet|bucht\\p{L}+',
      ],
      ['milk', 'šlehačk\\p{L}+|bíl\\p{L}+ čokolád\\p{L}+|karamel\\p{L}* mlék\\p{L}*'],
      ['egg', 'piškot\\p{L}*|sněhov\\p{L}+ pusink\\p{L}+|vaječn\\p{L}+'],
    ],
  },
  {
    tongue: 'Russian and Ukrainian',
    made: [
      [
        'gluten',
        'вафл\\p{L}+|пряник\\p{L}*|бара?нк\\p{L}+|лапш\\p{L}+|локшин\\p{L}+|макарон\\p{L}*|вермишел\\p{L}+|б[иі]скв[иі]т\\p{L}*|корж\\p{L}*|бул(?:оч)?к\\p{L}+|батон\\p{L}*|кекс\\p{L}*',
      ],
      ['milk', 'заварн\\p{L}+ крем\\p{L}*|пломб[иі]р\\p{L}*|бел\\p{L}+ шоколад\\p{L}*|біл\\p{L}+ шоколад\\p{L}*'],
      ['egg', 'б[иі]скв[иі]т\\p{L}*|безе|зеф[иі]р\\p{L}*|заварн\\p{L}+ крем\\p{L}*'],
      ['nuts', 'к[оа]зинак\\p{L}*'],
      ['sesame', 'халв\\p{L}+'],
    ],
  },
]

const groupOf = (name: string): readonly AllergenCode[] =>
  name === 'gluten' ? glutenCereals : name === 'nuts' ? treeNuts : [name as AllergenCode]
/** All of them, each with what is usually in it; of any tongue, as a larder has them mixed. */
export const madeAbroad = abroad.flatMap(({ made }) =>
  made.map(([holds, words]) => ({ words, groups: [groupOf(holds)] })),
)
