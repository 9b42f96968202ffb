type Order = () => void;
export class OrderQueue {
    private waiting: Order[] = [];
    put(order: Order): void { this.waiting.push(order); }
    runAll(): void {
        while (this.waiting.length > 0) {
            const next = this.waiting.shift()!;
            next();
        }
    }
}
export class Office {
    private berths = 3;
    constructor(private readonly queue: OrderQueue) {}
    orderOpening(): void { this.queue.put(() => this.openBerth()); }
    orderClosing(): void { this.queue.put(() => this.closeBerth()); }
    private openBerth(): void { this.berths++; }
    private closeBerth(): void { this.berths--; }
}
