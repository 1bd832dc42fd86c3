// What labels are printed on: a roll of one size, or a sheet with labels in rows. All in millimetres; any maker's, by its measures.
import { z } from 'zod'

const mm = (what: string, least: number, most: number) =>
  z
    .number(`Say ${what}, in millimetres.`)
    .min(least, `${what} is at least ${least} mm.`)
    .max(most, `${what} is at most ${most} mm.`)

export const LabelStock = z
  .object({
    id: z.string().min(1).max(100),
    name: z.string().trim().min(1, 'Give it a name.').max(80),
    width: mm('the width of a label', 15, 400),
    height: mm('the height of a label', 10, 600),
    /** Absent: a roll, one label after another. */
    sheet: z
      .object({
        width: mm('the width of the sheet', 30, 1000),
        height: mm('the height of the sheet', 30, 1000),
        across: z.number('Say how many stand side by side.').int('Count whole labels.').min(1).max(30),
        down: z.number('Say how many stand one below another.').int('Count whole labels.').min(1).max(60),
        /** From the edge of the sheet to the first label. */
        left: mm('the margin at the left', 0, 500),
        top: mm('the margin at the top', 0, 500),
        /** From the left edge of one label to that of the next, and from the top of one to that of the one below. */
        stepAcross: mm('the step across', 0, 500),
        stepDown: mm('the step down', 0, 700),
      })
      .exactOptional(),
  })
  .superRefine(({ width, height, sheet }, context) => {
    if (!sheet) return
    const wrong = (message: string) => context.addIssue({ code: 'custom', path: ['sheet'], message })
    const slack = 0.05
    if (sheet.across > 1 && sheet.stepAcross < width - slack)
      wrong('Side by side they overlap: the step across is less than a label’s width.')
    if (sheet.down > 1 && sheet.stepDown < height - slack)
      wrong('One below another they overlap: the step down is less than a label’s height.')
    if (sheet.left + (sheet.across - 1) * sheet.stepAcross + width > sheet.width + slack)
      wrong('The last label across stands out over the sheet.')
    if (sheet.top + (sheet.down - 1) * sheet.stepDown + height > sheet.height + slack)
      wrong('The last label down stands out over the sheet.')
  })
export type LabelStock = z.infer<typeof LabelStock>
