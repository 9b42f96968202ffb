import { Studio } from './studio';

export class Producer {
  private readonly studio = new Studio();

  morning(): void {
    this.studio.record();
  }
}
