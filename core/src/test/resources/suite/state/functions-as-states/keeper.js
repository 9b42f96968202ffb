const { CanalLock } = require('./lock');
const lock = new CanalLock();
lock.fill();
lock.drain();
