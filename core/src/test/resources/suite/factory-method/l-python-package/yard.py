import depot
from depot import TrainDepot


def send(boxes):
    depots = [TrainDepot(), depot.TruckDepot()]
    return [d.dispatch(boxes) for d in depots]
