interface Lamp { shine(): number; }
class Red implements Lamp { shine(): number { return 1; } }
class Green implements Lamp { shine(): number { return 2; } }
export class Panel {
  private total = 0;
  light(side: "port" | "starboard"): void {
    switch (side) {
      case "port": this.total += new Red().shine(); break;
      case "starboard": this.total += new Green().shine(); break;
    }
  }
}
