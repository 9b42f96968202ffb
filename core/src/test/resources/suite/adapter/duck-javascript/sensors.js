export class ModernSensor {
  read() { return { metres: 3 }; }
  name() { return 'modern'; }
}

export class OldProbe {
  sample() { return 300; }
  label() { return 'probe'; }
}

export class ProbeAdapter {
  constructor(probe) { this.probe = probe; }
  read() { return { metres: this.probe.sample() / 100 }; }
  name() { return this.probe.label(); }
}
