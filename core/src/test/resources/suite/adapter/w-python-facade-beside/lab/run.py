from lab.bench import DryingAdapter, WeighingFacade
from lab.devices import Balance2000


def weigh(weighing):
    weighing.tare()
    return weighing.grams()


def main():
    print(DryingAdapter().dry(10))
    print(weigh(WeighingFacade(Balance2000())))


if __name__ == "__main__":
    main()
