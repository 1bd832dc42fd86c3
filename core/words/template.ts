// Words with places to fill in: "Prepared with {n} g of {name}". A template is data, and can be kept.

/** The template with each `{name}` filled; one that is given nothing stays as it is written. */
export const filled = (template: string, values: Readonly<Record<string, string | number>>): string =>
  template.replace(/\{(\w+)\}/g, (place, name: string) => (name in values ? String(values[name]) : place))
