from .base import Depot, Vehicle
from .road import TruckDepot
from .rail import TrainDepot

__all__ = ["Depot", "Vehicle", "TruckDepot", "TrainDepot"]
