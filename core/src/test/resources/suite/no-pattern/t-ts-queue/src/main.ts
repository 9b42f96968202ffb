import { TaskQueue } from './queue';
import { CopyTask, DeleteTask, type Disk } from './task';

export function wire(disk: Disk): TaskQueue {
  const queue = new TaskQueue();
  queue.on('done', task => console.log(task.name, 'done'));
  queue.push(new CopyTask(disk, 'a', 'b'));
  queue.push(new DeleteTask(disk, 'a'));
  return queue;
}
