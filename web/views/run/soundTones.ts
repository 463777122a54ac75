/** Short low tones, one after the other. */
export function soundTones(count: number): void {
  const context = new AudioContext();
  for (let i = 0; i < count; i += 1) {
    const tone = context.createOscillator();
    const loud = context.createGain();
    const atS = context.currentTime + i * 0.22;
    tone.frequency.value = 440;
    loud.gain.setValueAtTime(0.2, atS);
    loud.gain.exponentialRampToValueAtTime(0.001, atS + 0.18);
    tone.connect(loud).connect(context.destination);
    tone.start(atS);
    tone.stop(atS + 0.2);
  }
  setTimeout(() => void context.close(), 1500);
}
