from collections import namedtuple


Pose = namedtuple("Pose", "reach height")


class Arm:
    def __init__(self):
        self._reach = 0
        self._height = 0

    def lift(self, by):
        self._height += by

    def stretch(self, by):
        self._reach += by

    def save(self):
        return Pose(reach=self._reach, height=self._height)

    def restore(self, pose):
        self._reach, self._height = pose


class Logbook:
    def __init__(self, arm: Arm):
        self._arm = arm
        self._poses = []

    def note(self):
        self._poses.append(self._arm.save())

    def back(self):
        if self._poses:
            self._arm.restore(self._poses.pop())
