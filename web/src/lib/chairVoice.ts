/** What the chair says aloud: steps by the browser's own speech, the end of a wait by a tone. */

export const canSpeak = () => 'speechSynthesis' in window && window.speechSynthesis.getVoices().length > 0

export function speak(words: string) {
  if (!('speechSynthesis' in window)) return
  window.speechSynthesis.cancel()
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words))
}

let tones: AudioContext | undefined

/** Two short tones, as when a timer is over. */
export function chime() {
  try {
    tones ??= new AudioContext()
    for (const [at, pitch] of [
      [0, 660],
      [0.25, 880],
    ] as const) {
      const tone = tones.createOscillator()
      const level = tones.createGain()
      tone.frequency.value = pitch
      level.gain.setValueAtTime(0.2, tones.currentTime + at)
      level.gain.exponentialRampToValueAtTime(0.001, tones.currentTime + at + 0.2)
      tone.connect(level).connect(tones.destination)
      tone.start(tones.currentTime + at)
      tone.stop(tones.currentTime + at + 0.22)
    }
  } catch {
    // A browser without sound, or one that wants a tap first: the clock is on the screen.
  }
}
