class SteelHull {
  plates() {
    return 40;
  }
}
class SteelMast {
  height() {
    return 12;
  }
}
class WoodHull {
  plates() {
    return 0;
  }
}
class WoodMast {
  height() {
    return 9;
  }
}

export const steelKit = {
  hull: () => new SteelHull(),
  mast: () => new SteelMast(),
};

export const woodKit = {
  hull: () => new WoodHull(),
  mast: () => new WoodMast(),
};
