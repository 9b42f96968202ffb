from export import ShipExport
print(ShipExport(with_owner=True).run({"name": "Pulga", "owner": "Ana", "cargo": []}))
