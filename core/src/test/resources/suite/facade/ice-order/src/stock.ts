export class IceStock {
  private tonnes = 40;
  take(amount: number): boolean {
    if (amount > this.tonnes) return false;
    this.tonnes -= amount;
    return true;
  }
}
