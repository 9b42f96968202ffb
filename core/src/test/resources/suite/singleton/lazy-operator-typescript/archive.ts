export class Archive {
  private static kept: Archive | null = null;
  private papers = 0;
  private constructor() {}
  static open(): Archive {
    return (Archive.kept ??= new Archive());
  }
  file(): void { this.papers++; }
}
export class Clerk {
  work(): void { Archive.open().file(); }
}
