export class OldBuoy {
  readKnots(): number {
    return 14;
  }

  readSwellInFeet(): number {
    return 3;
  }
}
