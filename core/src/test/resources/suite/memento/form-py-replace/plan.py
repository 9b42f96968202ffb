from dataclasses import dataclass, replace


@dataclass(frozen=True)
class State:
    berth: str = ""
    hour: int = 0


class Plan:
    def __init__(self):
        self._state = State()

    def move(self, to):
        self._state = replace(self._state, berth=to, hour=self._state.hour + 1)

    def save(self) -> State:
        return self._state

    def restore(self, state: State):
        self._state = state


class Log:
    def __init__(self, plan: Plan):
        self._plan = plan
        self._past: list[State] = []

    def note(self):
        self._past.append(self._plan.save())

    def undo(self):
        if self._past:
            self._plan.restore(self._past.pop())
