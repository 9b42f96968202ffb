from kitchens import Kitchen, Salad


class Guest:
    def eat(self, kitchen: Kitchen):
        meal = kitchen.cook()
        if isinstance(meal, Salad):
            return 0
        return kitchen.serve()
