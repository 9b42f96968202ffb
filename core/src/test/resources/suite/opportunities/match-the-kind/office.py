from berths import Berth


def bill(days):
    berth = Berth("west two", "buoy", 20)
    return berth.describe(), berth.dues(days)
