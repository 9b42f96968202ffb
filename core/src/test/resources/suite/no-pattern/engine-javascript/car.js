class Engine {
  start() { this.running = true; }
  stop() { this.running = false; }
}

class Launch {
  constructor() {
    this.engine = new Engine();
    this.miles = 0;
  }
  start() { this.engine.start(); }
  stop() { this.engine.stop(); }
  sail(miles) { this.miles += miles; }
}

const launch = new Launch();
launch.start();
launch.sail(3);
launch.stop();
