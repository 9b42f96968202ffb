type Event = 'start' | 'progress' | 'fail' | 'done';

abstract class Phase {
  constructor(protected readonly upload: Upload) {}
  abstract on(event: Event): void;
}

class Idle extends Phase {
  on(event: Event): void {
    if (event === 'start') {
      this.upload.enter(new Sending(this.upload));
    }
  }
}

class Sending extends Phase {
  private chunks = 0;

  on(event: Event): void {
    switch (event) {
      case 'progress':
        this.chunks++;
        break;
      case 'fail':
        this.upload.enter(new Idle(this.upload));
        break;
      case 'done':
        this.upload.enter(new Stored(this.upload, this.chunks));
        break;
    }
  }
}

class Stored extends Phase {
  constructor(upload: Upload, readonly chunks: number) {
    super(upload);
  }

  on(_event: Event): void {}
}

export class Upload {
  private phase: Phase = new Idle(this);

  enter(phase: Phase): void {
    this.phase = phase;
  }

  dispatch(event: Event): void {
    this.phase.on(event);
  }
}

const upload = new Upload();
(['start', 'progress', 'done'] as Event[]).forEach((event) => upload.dispatch(event));
