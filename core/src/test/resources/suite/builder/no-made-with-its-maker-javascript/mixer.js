class Action {
  constructor(mixer, clip) { this.mixer = mixer; this.clip = clip; this.running = false; }
  play() { this.running = true; this.mixer.note(this); return this; }
}
class Mixer {
  constructor(root) { this.root = root; this.time = 0; this.running = []; }
  note(action) { this.running.push(action); return this; }
  update(by) { this.time += by; return this; }
  stopAll() { this.running = []; return this; }
  action(clip) { return new Action(this, clip); }
}
class Stage {
  open() { const mixer = new Mixer('quay'); mixer.action('crane').play(); mixer.update(3).stopAll(); }
}
new Stage().open();
