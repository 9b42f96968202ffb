import type { Task } from './task';

type Events = { done: (task: Task) => void; failed: (task: Task, error: unknown) => void };

export class TaskQueue {
  private readonly waiting: Task[] = [];
  private readonly done: Task[] = [];
  private readonly listeners: { [K in keyof Events]: Set<Events[K]> } = { done: new Set(), failed: new Set() };
  private running = false;

  on<K extends keyof Events>(event: K, listener: Events[K]): () => void {
    this.listeners[event].add(listener);
    return () => this.listeners[event].delete(listener);
  }

  push(task: Task): void {
    this.waiting.push(task);
    if (!this.running) void this.drain();
  }

  async undoLast(): Promise<void> {
    const task = this.done.pop();
    await task?.undo?.();
  }

  private async drain(): Promise<void> {
    this.running = true;
    for (let task = this.waiting.shift(); task; task = this.waiting.shift()) {
      const abort = new AbortController();
      const timer = setTimeout(() => abort.abort(), 5_000);
      try {
        await task.run(abort.signal);
        this.done.push(task);
        this.listeners.done.forEach(tell => tell(task!));
      } catch (error) {
        this.listeners.failed.forEach(tell => tell(task!, error));
      } finally {
        clearTimeout(timer);
      }
    }
    this.running = false;
  }
}
