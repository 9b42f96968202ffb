from dataclasses import dataclass

from alarms import FireDesk, PilotDesk, SpillDesk


@dataclass
class Alarm:
    kind: str
    litres: int = 0


def night(alarm):
    desks = FireDesk(SpillDesk(PilotDesk()))
    return desks.take(alarm)


if __name__ == "__main__":
    print(night(Alarm("oil", 40)))
