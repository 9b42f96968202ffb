export class Lights {
  on = false;

  constructor(private readonly studio: Studio) {}

  up(): void {
    this.on = true;
    if (this.studio.recording) {
      this.on = false;
    }
  }
}

export class Camera {
  private frames = 0;

  roll(): void {
    this.frames += 24;
  }
}

export class Recorder {
  private minutes = 0;

  start(): void {
    this.minutes += 1;
  }
}

export class Studio {
  recording = false;
  private readonly lights = new Lights(this);
  private readonly camera = new Camera();
  private readonly recorder = new Recorder();

  record(): void {
    this.lights.up();
    this.camera.roll();
    this.recorder.start();
    this.recording = true;
  }
}
