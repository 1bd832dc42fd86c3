// A number as a price list or a table writes it: "£1,234.50", "1.234,50 €", "3,40", "12 %".

/** The number as an exact decimal string, or null. One comma before three digits is taken as thousands. */
export function readDecimal(text: string): string | null {
  const bare = text
    .replace(/[\s\u00a0\u202f']/g, '')
    .replace(/^[£€$¥]|[£€$¥%]$|^(?:GBP|EUR|USD|CAD|AUD|NZD)|(?:GBP|EUR|USD|CAD|AUD|NZD)$/gi, '')
  if (!/^\d[\d.,]*$|^[.,]\d+$/.test(bare)) return null
  const comma = bare.lastIndexOf(',')
  const point = bare.lastIndexOf('.')
  let plain: string
  if (comma >= 0 && point >= 0)
    plain = comma > point ? bare.replace(/\./g, '').replace(',', '.') : bare.replace(/,/g, '')
  else if (comma >= 0)
    plain = /^\d{1,3}(?:,\d{3})+$/.test(bare)
      ? bare.replace(/,/g, '')
      : bare.split(',').length === 2
        ? bare.replace(',', '.')
        : ''
  else plain = bare.split('.').length > 2 ? (/^\d{1,3}(?:\.\d{3})+$/.test(bare) ? bare.replace(/\./g, '') : '') : bare
  return /^\d*\.?\d+$|^\d+\.?$/.test(plain) ? plain.replace(/^\./, '0.').replace(/\.$/, '') : null
}
