/** Something that was heard. */
export interface Heard {
  /** What it may have been, the likeliest first. */
  texts: readonly string[];
  /** When it began to be spoken, by this device's clock in ms: it answers what was asked then. */
  beganAtMs: number;
}

/** Where the sound goes that is listened to. */
export type SoundGoes = 'nowhere' | 'away';

export interface Ear {
  onHeard(heard: Heard): void;
  /** It cannot go on, and why, as a sentence for the cook. */
  onFailed(why: string): void;
}

/** What turns speech into words. A real one and one that only says what it was told to speak through the same interface. */
export interface Listener {
  /** Whether the sound stays on this device. */
  soundGoes(): Promise<SoundGoes>;
  /** Listens until the returned function is called, through silence and short losses of the network. */
  listen(ear: Ear): () => void;
}
