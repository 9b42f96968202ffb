from tariffs import BaseTariff, MemberTariff, Tariff, WinterTariff


def bill(tariff: Tariff, tons):
    return round(tariff.price(tons))


print(bill(WinterTariff(BaseTariff()), 20), bill(MemberTariff(), 20))
