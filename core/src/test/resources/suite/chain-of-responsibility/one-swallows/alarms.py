class AlarmDesk:
    def __init__(self, following=None):
        self._following = following

    def take(self, alarm):
        if self._following is not None:
            return self._following.take(alarm)
        return "nobody"


class FireDesk(AlarmDesk):
    def take(self, alarm):
        if alarm.kind == "fire":
            return "fire boat"
        return super().take(alarm)


class SpillDesk(AlarmDesk):
    def take(self, alarm):
        if alarm.kind == "oil" and alarm.litres > 10:
            return "booms"
        return None


class PilotDesk(AlarmDesk):
    def take(self, alarm):
        if alarm.kind == "pilot":
            return "pilot cutter"
        return super().take(alarm)
