// What the demo bakery sells, each with the trouble it is there to show.
import type { Product } from '@fair-tin/core'

export const products: Product[] = [
  {
    // a release spray with wheat flour; a plant butter that may contain milk; a vanilla specification run out
    id: 'damson-slice',
    name: 'Damson & buckwheat slice',
    legalName: 'Fruit slice with damsons, buckwheat and sunflower seed',
    recipe: 'damson-slice',
    netWeight: 102,
    pieces: 2,
    pieceName: 'slice',
    claims: ['glutenFree', 'dairyFree', 'vegan', 'nutFree'],
    markets: ['uk'],
    category: 'heavyCake',
    highlighted: ['damsons', 'buckwheat-flour', 'ground-sunflower'],
    keeps: { days: 5, mark: 'bestBefore', storage: 'Keep in a cool, dry place.' },
  },
  {
    // sound: everything holds, and it can be signed
    id: 'ginger-teff-loaf',
    name: 'Ginger teff loaf',
    legalName: 'Ginger cake loaf with teff',
    recipe: 'ginger-teff-loaf',
    netWeight: 1100,
    pieces: 12,
    pieceName: 'slice',
    claims: ['glutenFree', 'dairyFree', 'eggFree', 'vegan'],
    markets: ['uk', 'us'],
    category: 'mediumCake',
    highlighted: ['teff-flour', 'ground-ginger'],
    keeps: { days: 6, mark: 'bestBefore', storage: 'Keep wrapped, in a cool, dry place.' },
  },
  {
    // oats whose certificate ran out: nothing says they are bad, and nothing proves them good
    id: 'blackcurrant-bun',
    name: 'Blackcurrant bun',
    legalName: 'Oat and rice bun with blackcurrants',
    recipe: 'blackcurrant-bun',
    netWeight: 160,
    pieces: 2,
    pieceName: 'bun',
    claims: ['glutenFree', 'dairyFree', 'nutFree'],
    markets: ['uk'],
    category: 'muffin',
    highlighted: ['blackcurrants', 'oats', 'brown-rice-flour'],
    keeps: { days: 3, mark: 'bestBefore', storage: 'Keep in a cool, dry place.' },
  },
  {
    // date syrup under “no added sugars”; rhubarb without nutrition; a part declared as a compound ingredient
    id: 'rhubarb-tartlet',
    name: 'Rhubarb custard tartlet',
    legalName: 'Tartlet with rhubarb and custard',
    recipe: 'rhubarb-tartlet',
    netWeight: 117,
    pieces: 1,
    pieceName: 'tartlet',
    claims: ['glutenFree', 'dairyFree', 'noAddedSugar'],
    markets: ['uk'],
    category: 'pie',
    highlighted: ['rhubarb'],
    keeps: { days: 2, mark: 'useBy', storage: 'Keep below 5 °C.' },
  },
]
