BookingForm().submit("Ariel")
BookingForm(tracker: ServerTracker(address: "https://port.example")).submit("Meridian")
