class Dish:
    def price(self):
        raise NotImplementedError


class Plate(Dish):
    def __init__(self, name, cents):
        self.name = name
        self.cents = cents

    def price(self):
        return self.cents


class Menu(Dish):
    def __init__(self, *dishes):
        self.dishes = list(dishes)

    def add(self, dish):
        self.dishes.append(dish)

    def price(self):
        return sum(dish.price() for dish in self.dishes) * 9 // 10
