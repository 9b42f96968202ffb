export abstract class Job<T> {
  async run(): Promise<T | undefined> {
    if (!this.shouldRun()) return undefined;
    const started = Date.now();
    try {
      const result = await this.execute();
      this.onDone(result, Date.now() - started);
      return result;
    } catch (error) {
      this.onError(error as Error);
      return undefined;
    }
  }

  protected shouldRun(): boolean {
    return true;
  }

  protected abstract execute(): Promise<T>;

  protected onDone(_result: T, _millis: number): void {}

  protected onError(error: Error): void {
    console.error(error.message);
  }
}
