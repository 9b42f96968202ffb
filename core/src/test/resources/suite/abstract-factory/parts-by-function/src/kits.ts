export interface Flag { colour(): string }
export interface Horn { sound(): string }
export interface Kit {
    flag(): Flag
    horn(): Horn
}

class DayFlag implements Flag { colour() { return "red" } }
class NightFlag implements Flag { colour() { return "lit red" } }
class DayHorn implements Horn { sound() { return "long" } }
class NightHorn implements Horn { sound() { return "short" } }

export const dayKit: Kit = {
    flag: () => new DayFlag(),
    horn: () => new DayHorn(),
}

export const nightKit: Kit = {
    flag: () => new NightFlag(),
    horn: () => new NightHorn(),
}
