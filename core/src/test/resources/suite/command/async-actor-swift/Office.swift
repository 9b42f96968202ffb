func morning(_ dispatcher: Dispatcher, _ warehouse: Warehouse) async {
    dispatcher.enqueue(Deliver(warehouse: warehouse, name: "rope", count: 4))
    dispatcher.enqueue(Ship(warehouse: warehouse, name: "rope", count: 1))
    await dispatcher.work()
}
