let audio: AudioContext | undefined;

/** Two struck notes, as from a small bell. */
export function ring(): void {
  audio ??= new AudioContext();
  const start = audio.currentTime;
  for (const [index, hertz] of [880, 1318.5].entries()) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(0.0001, start);
    volume.gain.exponentialRampToValueAtTime(0.25, start + 0.01 + index * 0.18);
    volume.gain.exponentialRampToValueAtTime(0.0001, start + 1.4 + index * 0.18);
    tone.connect(volume).connect(audio.destination);
    tone.start(start + index * 0.18);
    tone.stop(start + 1.7);
  }
}
