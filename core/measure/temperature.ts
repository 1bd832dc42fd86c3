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

/** A fan oven does at this many degrees less what a still one does. Common practice. */
const fanLess = 20

/** One oven setting on every dial there is: still and fan in °C, °F by fives, gas by the nearest mark. Common practice. */
export function dials(
  celsius: number,
  fan = false,
): { still: number; fan: number; fahrenheit: number; gas: string | null } {
  const still = fan ? celsius + fanLess : celsius
  const [mark] = Object.entries(gasMarks).sort((a, b) => Math.abs(a[1] - still) - Math.abs(b[1] - still))[0]!
  const near = Math.abs(gasMarks[mark]! - still) <= 10
  const exact = fahrenheitOf(still)
  // the dial of 350 °F is marked 180 °C, that of 325 is marked 160
  const settings = [225, 250, 275, 300, 325, 350, 375, 400, 425, 450, 475, 500]
  const dialled = settings.find(setting => dialCelsius(setting) === still)
  return {
    still,
    fan: still - fanLess,
    fahrenheit: dialled ?? Math.round(exact / 5) * 5,
    gas: near ? (mark === '0.25' ? '¼' : mark === '0.5' ? '½' : mark) : null,
  }
}
