// Oven temperatures. Dials are rounded, so 350 °F and 180 °C are the same setting (common practice).

export const celsiusOf = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9
export const fahrenheitOf = (celsius: number): number => (celsius * 9) / 5 + 32

/** The dial setting nearest to an exact temperature: whole tens of °C. 350 °F is 180 on the dial. */
export const dialCelsius = (fahrenheit: number): number => Math.round(celsiusOf(fahrenheit) / 10) * 10

/** Gas mark to °C on the dial, marks ¼ to 9 (common practice). */
const gasMarks: Record<string, number> = {
  '0.25': 110,
  '0.5': 120,
  '1': 140,
  '2': 150,
  '3': 160,
  '4': 180,
  '5': 190,
  '6': 200,
  '7': 220,
  '8': 230,
  '9': 240,
}
export const gasMarkCelsius = (mark: number): number | null => gasMarks[String(mark)] ?? null
