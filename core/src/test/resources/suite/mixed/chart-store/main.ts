import { ChartRoom, GuardedRoom, PaperRoom } from "./charts";
import { Navigator, Plan } from "./plan";

class Bridge {
  constructor(private room: ChartRoom, private navigator: Navigator) {}
  sail(id: string): void {
    this.navigator.tryLeg(this.room.read(id));
  }
}

new Bridge(new GuardedRoom(new PaperRoom(), () => true), new Navigator(new Plan())).sail("7");
