import { assess, billOf } from './core'
import { findingsOnDemand, rolledUp } from './core/allergen/rollUp'
import { costOf } from './core/cost/cost'
import { rulesAsRead } from './core/market/market'
import { allergenCodes } from './core/model/allergen'
import { nutritionOf } from './core/nutrition/rollUp'
import { openFoodIn } from './core/recipe/openFood'
import { workbook } from './tests/bench/fortyLines'
const rules = rulesAsRead('uk')
const t = (name: string, f: (n:number) => unknown) => { for (let i=0;i<1500;i++) f(i); const b=performance.now(); let n=0; while(performance.now()-b<500){for(let i=0;i<50;i++)f(n+i);n+=50}; console.log(name, (1000*(performance.now()-b)/n).toFixed(1),'µs') }
const edited = (n:number) => ({...workbook, recipes: workbook.recipes.map(r => r.id==='top' ? {...r, lines: r.lines.map((l,i)=> i===0&&l.amount ? {...l, amount:{...l.amount, value: 100+n%97}}:l)}:r)}) as typeof workbook
const bill = billOf(workbook,'top')
t('open edited', n => { const w = edited(n); return openFoodIn(w.recipes.find(r=>r.id==='top')!, w) })
t('bill', () => billOf(workbook,'top'))
t('bill edited', n => billOf(edited(n),'top'))
t('cost', () => costOf(bill, workbook, 24))
t('nutrition', () => nutritionOf(bill, workbook, rules, 50))
t('statuses', () => { const f = findingsOnDemand(bill, workbook); return allergenCodes.map(c => rolledUp(f[c])) })
t('all edited', n => { const w = edited(n); const bill = billOf(w,'top'); const f = findingsOnDemand(bill, w); return [costOf(bill, w, 24), nutritionOf(bill, w, rules, 50), allergenCodes.map(c => rolledUp(f[c]))] })
t('assess edited', n => assess(edited(n),'p','uk'))
