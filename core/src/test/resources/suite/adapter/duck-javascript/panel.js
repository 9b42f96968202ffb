import { ModernSensor, OldProbe, ProbeAdapter } from './sensors.js';

class Panel {
  show(sensor) {
    return `${sensor.name()}: ${sensor.read().metres}`;
  }
}

const panel = new Panel();
panel.show(new ModernSensor());
panel.show(new ProbeAdapter(new OldProbe()));
