type Heard = (ship: string) => void;

export class Bell {
  private listeners: { arrived: Heard[]; left: Heard[] } = { arrived: [], left: [] };

  on(event: 'arrived' | 'left', heard: Heard): void {
    this.listeners[event].push(heard);
  }

  off(event: 'arrived' | 'left', heard: Heard): void {
    this.listeners[event] = this.listeners[event].filter((one) => one !== heard);
  }

  ring(ship: string): void {
    this.listeners.arrived.forEach((heard) => heard(ship));
  }

  toll(ship: string): void {
    this.listeners.left.forEach((heard) => heard(ship));
  }
}

const bell = new Bell();
bell.on('arrived', (ship) => console.log(`welcome ${ship}`));
bell.ring('Ana');
