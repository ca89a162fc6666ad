/** A picture that was painted, by what it hangs on, for as long as somebody may look at it again. */
interface Painted {
  parts: readonly unknown[];
  url: string;
  lookers: number;
}

/** Pictures of so many boards are a few megabytes: a walk to another station and back paints none of them anew. */
const MOST_KEPT = 12;

/** Keeps addresses of pictures; one that nobody looks at goes when there are too many, the one not seen for longest first. */
export class PaintedPictures {
  private kept: Painted[] = [];

  constructor(
    private readonly letGo: (url: string) => void,
    private readonly most = MOST_KEPT,
  ) {}

  /** The picture that hangs on just these parts, each the same as then; undefined where none was painted. */
  find(parts: readonly unknown[]): string | undefined {
    return this.entry(parts)?.url;
  }

  /** Keeps a picture; one of the same parts that was there before goes. */
  keep(parts: readonly unknown[], url: string): void {
    const old = this.entry(parts);
    const lookers = old?.lookers ?? 0;
    this.kept = [...this.kept.filter((one) => one !== old), { parts, url, lookers }];
    if (old) this.letGo(old.url);
    this.tidy();
  }

  /** Somebody looks at it, until what this gives is called; nothing happens where it is not kept. */
  look(parts: readonly unknown[]): () => void {
    const seen = this.entry(parts);
    if (!seen) return () => undefined;
    this.kept = [...this.kept.filter((one) => one !== seen), seen];
    seen.lookers++;
    let looks = true;
    return () => {
      if (looks) this.entry(parts)!.lookers--;
      looks = false;
      this.tidy();
    };
  }

  private entry = (parts: readonly unknown[]): Painted | undefined =>
    this.kept.find(
      (one) => one.parts.length === parts.length && one.parts.every((part, i) => part === parts[i]),
    );

  private tidy(): void {
    while (this.kept.length > this.most) {
      const oldest = this.kept.find(({ lookers }) => lookers === 0);
      if (!oldest) return;
      this.kept = this.kept.filter((one) => one !== oldest);
      this.letGo(oldest.url);
    }
  }
}
