let desk = BookingDesk(fare: Discounted(fare: SumFare(parts: [PassengerFare(adult: 900, child: 400), VehicleFare(perMetre: 700)]), percent: 10))
let ledger = Ledger()
desk.delegate = ledger
