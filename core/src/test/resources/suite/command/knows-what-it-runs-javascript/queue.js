class PaintJob {
  constructor(boat, colour) {
    this.boat = boat;
    this.colour = colour;
  }
  execute() {
    this.boat.paint(this.colour);
  }
}

class LaunchJob {
  constructor(boat) {
    this.boat = boat;
  }
  execute() {
    this.boat.launch();
  }
}

class Boat {
  constructor() {
    this.colour = 'grey';
    this.afloat = false;
  }
  paint(colour) {
    this.colour = colour;
  }
  launch() {
    this.afloat = true;
  }
}

class Yard {
  constructor() {
    this.jobs = [];
  }
  add(job) {
    this.jobs.push(job);
  }
  work() {
    while (this.jobs.length > 0) {
      const job = this.jobs.shift();
      if (job instanceof LaunchJob) {
        console.log('stand back');
      }
      job.execute();
    }
  }
}

const yard = new Yard();
const boat = new Boat();
yard.add(new PaintJob(boat, 'red'));
yard.add(new LaunchJob(boat));
yard.work();
