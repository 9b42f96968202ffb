from rates import Warehouse, by_weight, flat, lowest

warehouse = Warehouse(flat)
warehouse.store("timber", 40, 12)
print(warehouse.invoice("timber"))
warehouse.use(by_weight)
warehouse.use(lowest)
