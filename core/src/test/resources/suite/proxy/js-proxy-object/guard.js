class Archive {
  constructor() { this.pages = new Map(); }
  read(n) { return this.pages.get(n); }
  write(n, text) { this.pages.set(n, text); }
}
class GuardedArchive {
  constructor(archive, user) { this.archive = archive; this.user = user; }
  read(n) { return this.archive.read(n); }
  write(n, text) {
    if (!this.user.clerk) throw new Error('clerks only');
    return this.archive.write(n, text);
  }
}
function archiveFor(user) { return new GuardedArchive(new Archive(), user); }
class ReadingRoom {
  constructor(archive) { this.archive = archive; }
  open(n) { return this.archive.read(n) ?? 'empty'; }
}
module.exports = { archiveFor, ReadingRoom };
