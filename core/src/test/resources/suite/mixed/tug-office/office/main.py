from office.orders import CrewBoard, DayPrice, FuelLog, NightPrice, PushOrder, TowOrder


def main() -> None:
    tow = TowOrder(DayPrice(7000))
    push = PushOrder(NightPrice(), 300)
    log = FuelLog()
    for order in (tow, push):
        order.watch(log)
        order.watch(CrewBoard())
        order.work(3.5)
        print(order.bill())
    tow.unwatch(log)


if __name__ == "__main__":
    main()
