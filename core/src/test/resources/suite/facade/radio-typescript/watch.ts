import { RadioRoom } from "./radio";
export class Watch {
  constructor(private room: RadioRoom) {}
  begin(): void { this.room.listen(16); }
}
