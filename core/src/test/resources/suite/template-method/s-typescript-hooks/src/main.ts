import { Job } from './job';
import { Backup, Cleanup } from './jobs';

const jobs: Job<unknown>[] = [new Backup(1), new Cleanup()];
for (const job of jobs) void job.run();
