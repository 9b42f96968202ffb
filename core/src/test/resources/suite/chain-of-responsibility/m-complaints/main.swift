let front = FrontDesk()
front.then(Manager()).then(Owner())
print(front.handle(Complaint(text: "cold soup", severity: 4)) ?? "nobody")
