/** What was used of late, by name; what was used longest ago is forgotten first. */
export class Recent<T> {
  private readonly all = new Map<string, T>();

  /** The most that are kept. */
  constructor(private readonly most: number) {}

  get(name: string): T | undefined {
    const found = this.all.get(name);
    if (found !== undefined) {
      this.all.delete(name);
      this.all.set(name, found);
    }
    return found;
  }

  set(name: string, value: T): void {
    this.all.delete(name);
    this.all.set(name, value);
    for (const oldest of this.all.keys()) {
      if (this.all.size <= this.most) break;
      this.all.delete(oldest);
    }
  }

  delete(name: string): void {
    this.all.delete(name);
  }
}
