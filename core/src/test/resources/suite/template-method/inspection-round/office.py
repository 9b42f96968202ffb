from inspection import RowingBoatInspection, TrawlerInspection


def morning():
    for inspection in (TrawlerInspection("Gaviota"), RowingBoatInspection("Pulga")):
        print(inspection.run())
