export class WorkQueue {
  #jobs = [];
  #running = false;
  push(job) { this.#jobs.push(job); if (!this.#running) this.#drain(); }
  #drain() {
    this.#running = true;
    while (this.#jobs.length) {
      const job = this.#jobs.shift();
      this.process(job);
    }
    this.#running = false;
  }
  process(job) { console.log(`${job.name} for ${job.ship}`); }
}
export function morning() {
  const queue = new WorkQueue();
  queue.push({ name: 'fuel', ship: 'Gaviota' });
  queue.push({ name: 'water', ship: 'Pulga' });
}
