from trip import TripBuilder


class Agency:
    def summer(self):
        return TripBuilder().stop("Aldera").nights(3).by_sea().build().price()
