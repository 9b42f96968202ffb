from register import ShipRegister

ShipRegister().enter("Oria")
ShipRegister().enter("Mota")
print(len(ShipRegister().ships))
