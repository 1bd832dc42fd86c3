// What is said and sounded at the bench, where somebody wants to hear it.
'use client'

/** Says it, in place of whatever was being said. Without a voice in the browser nothing happens. */
export function sayAloud(text: string): void {
  if (typeof speechSynthesis === 'undefined') return
  speechSynthesis.cancel()
  const words = new SpeechSynthesisUtterance(text)
  words.lang = 'en-GB'
  speechSynthesis.speak(words)
}

let audio: AudioContext | null = null
/** Two short notes. Silent where the browser lets no page sound before it was touched. */
export function sound(): void {
  try {
    audio ??= new AudioContext()
    const { currentTime } = audio
    for (const [at, pitch] of [
      [0, 880],
      [0.25, 1175],
    ] as const) {
      const tone = audio.createOscillator()
      const loud = audio.createGain()
      tone.frequency.value = pitch
      loud.gain.setValueAtTime(0.25, currentTime + at)
      loud.gain.exponentialRampToValueAtTime(0.001, currentTime + at + 0.22)
      tone.connect(loud).connect(audio.destination)
      tone.start(currentTime + at)
      tone.stop(currentTime + at + 0.25)
    }
  } catch {
    // no sound to be had
  }
}
